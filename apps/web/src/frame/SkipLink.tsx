/** The first thing a keyboard reaches: past rule and shelf, straight to the work. */
export const SkipLink = () => (
  <a href="#work" className="skip-link">
    To the work
  </a>
);
