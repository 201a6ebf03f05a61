/** Where the queries keep what is known of the cutter. */
export const cutterKey = ['cutter']
