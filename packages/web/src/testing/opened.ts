/** Books that a test opened, to be left when it is over: one that is still open goes on sending what waits. */
export const opened: { leave: () => void }[] = [];
