/** A trolley's screen: everything has room beside each other. */
export const WIDE = '(min-width:1200px)';

/** A phone held upright, or any screen enlarged until it is as narrow. */
export const PHONE = '(max-width:599.95px)';

/** A tablet held upright, or less: what stands beside each other elsewhere stands below. */
export const NARROW = '(max-width:899.95px)';
