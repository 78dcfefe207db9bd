// The package’s own types re-declare yup and turn all its types into `any`: it is taken in here, behind ours.
import yupToJsonSchema from '@sodaru/yup-to-json-schema';

export const { convertSchema } = yupToJsonSchema;
