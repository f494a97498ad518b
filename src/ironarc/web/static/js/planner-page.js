// The planner's own page.
import { tendPlanner } from "./planner.js";

tendPlanner(document.body);
