/**
 * A name as it stands within a sentence: its first letter small, all other capitals as they are (`extruded polystyrene (XPS)`).
 * What begins with an abbreviation (`PIR board`) or somebody's name (`Douglas fir`) stays whole.
 */
export const inSentence = (name: string): string =>
  /^(\p{Lu}[^\p{Ll}]|Douglas|Scots)/u.test(name) ? name : name.charAt(0).toLowerCase() + name.slice(1)
