import type { RuleId } from '../ground/finding.ts';
import { awaited, late, unattended } from './questions.ts';
import type { Rule } from './rule.ts';

/** The rules about what is watched over days and weeks. */
export const WATCHED_RULES = {
  'watch-late': {
    about: 'what grows or waits and comes too late',
    levels: ['note'],
    when: 'to-come',
    ask: late,
  },
  'watch-awaited': {
    about: 'what has to be ordered, or may come while nobody is there or after its unit',
    levels: ['care'],
    when: 'to-come',
    ask: awaited,
  },
  'watch-unattended': {
    about: 'what is alive and nobody looks after on closed days',
    levels: ['care'],
    when: 'to-come',
    ask: unattended,
  },
} as const satisfies Readonly<Partial<Record<RuleId, Rule>>>;
