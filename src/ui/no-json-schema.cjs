/** Stands in the browser for the part of the validation library that writes JSON Schema: only the server and the command line do that. */
const none = () => {
  throw new Error("JSON Schema is written on the server only.")
}
module.exports = { createToJSONSchemaMethod: () => none, createStandardJSONSchemaMethod: () => none, toJSONSchema: none }
