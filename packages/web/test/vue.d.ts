/** Components, for the tests: they are never loaded there. */
declare module '*.vue' {
  import type { Component } from 'vue';
  const component: Component;
  export default component;
}
