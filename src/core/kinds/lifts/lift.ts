/** Makes data of one version of a kind into data of the next. It may meet anything: a schema looks at what comes out. */
export type Lift = (data: Readonly<Record<string, unknown>>) => Readonly<Record<string, unknown>>;
