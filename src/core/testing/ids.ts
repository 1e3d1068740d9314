/** An id of the kind that is wanted where it stands: of a job, a room, a person. The only way a test makes one. */
export const idOf = <Id extends string>(text: string): Id => text as Id;

/** The same of a number with a unit, where its own maker is hidden by a name. */
export const inUnit = <Unit extends number>(value: number): Unit => value as Unit;
