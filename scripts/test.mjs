// npm test: installs what is missing, then runs unit tests and stories, and says how far it is and how long each part took.
// `npm test -- core/circle` runs what lies in such a folder or begins with such a path; `--unit` leaves the stories out.
import { findTests } from './find-tests.mjs';
import { preparing, storyTesting, unitTesting, unitTestsOf } from './plan.mjs';
import { runSteps } from './steps.mjs';

const wanted = process.argv.slice(2).filter((arg) => !arg.startsWith('--'));
const isUnitOnly = process.argv.includes('--unit');

function chosen() {
  const files = wanted.flatMap((words) => {
    const found = findTests(words);
    if (found.length === 0) throw new Error(`no test lies in ${words}`);
    return found;
  });
  const [stories, units] = [true, false].map((isStory) =>
    files.filter((file) => file.startsWith('e2e/') === isStory),
  );
  return [
    ...(units.length > 0 ? [unitTestsOf(units)] : []),
    ...(stories.length > 0 && !isUnitOnly ? storyTesting(stories) : []),
  ];
}

const all = () => [...unitTesting(), ...(isUnitOnly ? [] : storyTesting())];
const steps = wanted.length > 0 ? chosen() : all();
process.exitCode = (await runSteps([...preparing(), ...steps])) ? 0 : 1;
