/** A house of one kind was handed to the bench of another. */
export class ForeignHouse extends TypeError {}
