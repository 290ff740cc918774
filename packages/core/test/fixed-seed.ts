import fc from 'fast-check';

// Before each file of tests: random cases are the same in every run, so that a failure elsewhere is the same here.
fc.configureGlobal({ seed: 20261124 });
