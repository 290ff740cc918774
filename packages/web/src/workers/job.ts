/** How far a job is: so much of so much. */
export type Progress = (done: number, total: number) => void;

/** A job: its question in, its answer out, told on the way how far it is. A throw is an answer too. */
export type Job<Question, Answer> = (question: Question, progress: Progress) => Answer | Promise<Answer>;
