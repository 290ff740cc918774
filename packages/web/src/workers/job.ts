/** How far a job is: so much of so much, and what it has found so far where that can be shown already. */
export type Progress<Answer = never> = (done: number, total: number, soFar?: Answer) => void;

/** A job: its question in, its answer out, told on the way how far it is. A throw is an answer too. */
export type Job<Question, Answer> = (
  question: Question,
  progress: Progress<Answer>,
) => Answer | Promise<Answer>;
