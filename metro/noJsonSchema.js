/**
 * In place of the validator's writer of JSON Schema, which nothing here asks for: every schema wants these two when it
 * is made. Asking a schema for its JSON Schema in a page is an error.
 */
const none = () => () => {
  throw new Error('JSON Schema is left out of the build: see metro.config.js');
};
exports.createToJSONSchemaMethod = none;
exports.createStandardJSONSchemaMethod = none;
