// The planner's own page.
import { tendPlanner } from "./panels/planner.js";

tendPlanner(document.body);
