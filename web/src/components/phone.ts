/** As in the sheets: at most this wide, a page is laid out for a phone. */
export const PHONE = '(max-width: 600px)';
