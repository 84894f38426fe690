/** Asks one question at a time; of those that come while it works only the newest is asked next. */
export function latestOnly<Q, A>(
  ask: (question: Q) => Promise<A>,
  onAnswer: (answer: A) => void,
  onTrouble: (error: unknown) => void,
): (question: Q) => void {
  let busy = false;
  let next: { readonly question: Q } | undefined;
  const run = async (question: Q): Promise<void> => {
    busy = true;
    try {
      onAnswer(await ask(question));
    } catch (error) {
      onTrouble(error);
    }
    busy = false;
    if (next === undefined) return;
    const waiting = next.question;
    next = undefined;
    void run(waiting);
  };
  return (question) => {
    if (busy) next = { question };
    else void run(question);
  };
}
