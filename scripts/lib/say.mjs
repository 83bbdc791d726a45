/** Ends with a sentence that says what to do, without a stack. */
export class Stop extends Error {}

export const say = (text) => console.log(text);

/** Runs a script's main part; a `Stop` is told as a sentence, anything else with its stack. */
export function run(main) {
  main().catch((error) => {
    console.error(error instanceof Stop ? error.message : error);
    process.exit(1);
  });
}
