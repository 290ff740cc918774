/** The version of Hornblende. */
export const version = '0.1.0';
