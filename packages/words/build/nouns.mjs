// Which nouns could be offered to children at all, before a person reads them: physical, common enough, in no list of unfit words.
import { emoji, isListed, isListedSurely, levelOf, nounSense, senses, synsets } from './sources.mjs';

const PHYSICAL = new Set([
  'animal',
  'artifact',
  'body',
  'food',
  'object',
  'person',
  'phenomenon',
  'plant',
  'substance',
  'shape',
  'communication',
  'possession',
  'location',
  'time',
  'event',
  'quantity',
  'group',
  'Tops',
  'cognition',
  'act',
]);
const FREE = new Set([
  'animal',
  'artifact',
  'body',
  'food',
  'object',
  'phenomenon',
  'plant',
  'substance',
  'shape',
]);

const memo = new Map();
/** What a sense is a kind of, nearest first, with how many steps away. */
export function above(s) {
  if (memo.has(s)) return memo.get(s);
  const found = new Map([[s, 0]]);
  let row = [s];
  for (let d = 1; row.length > 0 && d < 20; d++) {
    const next = [];
    for (const x of row)
      for (const [sign, y] of synsets[x].pointers)
        if (sign[0] === '@' && !found.has(y)) {
          found.set(y, d);
          next.push(y);
        }
    row = next;
  }
  memo.set(s, found);
  return found;
}

// Whole branches of senses that are not for children.
const BRANCHES =
  'weapon:1 weaponry:1 ammunition:1 explosive:1 gun:1 firearm:1 warship:1 military_vehicle:1 warplane:1 alcohol:1 drug_of_abuse:1 narcotic:1 controlled_substance:1 opiate:1 tobacco:1 cigarette:1 poison:1 toxin:1 sex_organ:1 reproductive_organ:1 genitalia:1 erogenous_zone:1 criminal:1 wrongdoer:1 killer:1 prostitute:1 unpleasant_person:1 bad_person:1 sinner:1 lover:1 slave:1 prisoner:1 corpse:1 dead_person:1 body:2 gambler:1 gambling_house:1 gambling_game:1 slot_machine:1 instrument_of_torture:1 instrument_of_execution:1 instrument_of_punishment:1 prison:1 correctional_institution:1 contraceptive:1 undergarment:1 underwear:1 body_waste:1 excreta:1 excretion:2 grave:2 burial_chamber:1 military_unit:1 serviceman:1 military_officer:1 barroom:1 brothel:1 pathogen:1 disease:1 drug_user:1 evil_spirit:1 religious_person:1 inhabitant:1 ethnic_group:1 person_of_color:1 native:1 simpleton:1 fool:1 adulterer:1 sexual_partner:1 libertine:1 sensualist:1 sick_person:1 unfortunate:1 victim:1 capitalist:1 rebel:1 bomb:1 missile:2 military_installation:1 chemical_element:1 enzyme:1 protein:1'
    .split(' ')
    .map((one) => one.split(':'))
    .map(([word, number]) => nounSense(word.replaceAll('_', ' '), Number(number)))
    .filter((s) => s !== undefined);
const blocked = new Set(BRANCHES);
const UNFIT =
  /\b(sexual|coitus|copulat|genital|prostitut|erotic|narcotic|heroin|cocaine|marijuana|intoxicat|alcoholic|whisky|whiskey|brandy|liquor|cigarette|cigar|smoking tobacco|gambl|betting|murder|kill(s|ed|ing|er)?|suicide|corpse|dead (person|body|bodies)|burial|funeral|execution|torture|weapons?|firearm|bullets?|cannon|warfare|offensive term|derogatory|slur|obscene|drunk|excrement|feces|urine|menstru|castrat|slaughter|penis|vagina|breasts|criminal|slaves?|enemy|bombs?|explosive|poison(ous)?|surgical|disease|tumou?r|infection)\b/i;
const isUnfitSense = (s) => [...above(s).keys()].some((a) => blocked.has(a)) || UNFIT.test(synsets[s].told);

const names = new Set(emoji.map(({ name }) => name));

// What one sees and holds before what is only spoken of; an animal before the meat of it.
const weight = ({ s, count }) =>
  (count + 1) * (synsets[s].field === 'animal' ? 12 : FREE.has(synsets[s].field) ? 3 : 1);

/** Nouns that a person reads: the word and the sense that is meant, the most common fit one. */
export function candidates(fromScenes) {
  const found = [];
  for (const [word, list] of senses) {
    if (!/^[a-z][a-z' -]+$/.test(word) || word.length < 3 || word.split(/[ -]/).length > 2) continue;
    const isKnown = fromScenes.has(word) || names.has(word);
    const level = levelOf(word);
    if (!isKnown && level > (word.includes(' ') ? 35 : 50)) continue;
    if (!fromScenes.has(word) && (isListed(word) || word.split(/[ -]/).some(isListedSurely))) continue;
    const nouns = list.filter(({ pos }) => pos === 'n');
    const all = list.reduce((sum, one) => sum + one.count + 1, 0);
    // Physical senses weigh more than common abstract ones.
    const best = nouns
      .filter(
        ({ s }) => PHYSICAL.has(synsets[s].field) && !synsets[s].pointers.some(([sign]) => sign === '@i'),
      )
      .filter(({ s }) => !/[A-Z]/.test(synsets[s].raw[synsets[s].words.indexOf(word)] ?? ''))
      .toSorted((a, b) => weight(b) - weight(a))
      .at(0);
    if (!best) continue;
    const { field } = synsets[best.s];
    if (isUnfitSense(best.s) && !fromScenes.has(word)) continue;
    const share = (best.count + 1) / all;
    if (!isKnown && !FREE.has(field) && field !== 'person') continue;
    if (!isKnown && share < 0.15) continue;
    found.push({ word, s: best.s, level, field, share });
  }
  return found;
}
