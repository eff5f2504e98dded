// What CI runs from a clean clone: every check and every test, beside each other as far as their needs allow.
import { checking, preparing, storyTesting, unitTesting } from './plan.mjs';
import { runSteps } from './steps.mjs';

const [browser, build, stories] = ['browser', 'build', 'stories'].map((name) =>
  storyTesting().filter((step) => step.name === name),
);
const steps = [...preparing(), ...browser, ...checking(), ...build, ...unitTesting(), ...stories];
process.exitCode = (await runSteps(steps)) ? 0 : 1;
