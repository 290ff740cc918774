/**
 * Where a thread begins. The pool reads this file with `require`; what it leads to is fetched with `import`, for a
 * thread that is ended in the middle of a `require` of an ES module takes the whole process with it.
 */
const worker = import('./worker.js');

module.exports = async (call: unknown): Promise<unknown> => {
  const { default: run } = (await worker) as { default: (call: unknown) => Promise<unknown> };
  return run(call);
};
