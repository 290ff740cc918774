/**
 * Where a thread begins. The pool reads this file with `require`; what it leads to is fetched with `import`, for a
 * thread that is ended in the middle of a `require` of an ES module takes the whole process with it.
 */
const worker = import('./thread.js');

module.exports = async call => {
  const { default: run } = await worker;
  return run(call);
};
