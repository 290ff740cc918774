/** A file of its own: the statistics behind it are fetched when a brief asks for the field, not with the first page. */
export { fieldEvidence } from '@hornblende/core/service';
