// npm run check: every static check, in one command. `npm run check -- lint types` runs just those.
import { checking, preparing } from './plan.mjs';
import { runSteps } from './steps.mjs';

const wanted = process.argv.slice(2);
const steps = checking().filter(({ name }) => wanted.length === 0 || wanted.includes(name));
process.exitCode = (await runSteps([...preparing(), ...steps])) ? 0 : 1;
