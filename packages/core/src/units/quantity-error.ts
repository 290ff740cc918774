/** Thrown when text cannot be read as a quantity of the wanted measure; the message says what is allowed. */
export class QuantityError extends Error {
  constructor(
    readonly text: string,
    message: string,
  ) {
    super(message);
    this.name = 'QuantityError';
  }
}
