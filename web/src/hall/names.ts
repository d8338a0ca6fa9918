/** Where names are kept on the device: they belong to who is signed in, and go when that person signs out. */
export const NAMES = 'isokinet-names'

/** Tells a waiting version of the hall to take over. */
export const TAKE_OVER = 'take over'

/** Where the lesson that is open on this device is kept beside the other names: it outlives the session for its day. */
export const OPEN = 'isokinet open lesson'
