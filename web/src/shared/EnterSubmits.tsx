/** Inside a form whose button stands outside of it, in a dialog's foot: Enter in a field does what the button does. */
export const EnterSubmits = () => <input type="submit" hidden />
