/** What stands at a rung of a floodlight point: nothing is planned there by the program yet, and nothing is pretended. */
export function FloodlightRung() {
  return (
    <p className="soft">
      Of a floodlight camera the survey is kept: fixture, view, Wi-Fi, photos. Box, feed, splices and aim are not
      planned here yet. Mains work on it is not offered.
    </p>
  );
}
