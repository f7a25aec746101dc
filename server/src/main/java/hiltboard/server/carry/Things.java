package hiltboard.server.carry;

import hiltboard.server.data.Token;
import java.util.List;
import java.util.Set;

/** Everything that a shop's data is made of; what something refers to stands before it. */
final class Things {
    static final String PEOPLE = "people";
    static final String CLIENTS = "clients";
    static final String JOBS = "jobs";
    static final String PIECES = "pieces";
    static final String JOURNAL = "journal";

    /** What belongs to the program and its machine, not to the shop: who is signed in where, and where copies go. */
    static final Set<String> OF_THE_MACHINE = Set.of(
            "flyway_schema_history", "command", "session", "device", "device_person", "passkey", "backup_folder");

    /** The index of what can be found, with the tables that SQLite keeps it in: it follows from all the others. */
    static final Set<String> OF_THE_INDEX =
            Set.of("found", "found_data", "found_idx", "found_content", "found_docsize", "found_config", "find_due");

    static final List<Thing> ALL = List.of(
            Thing.of("shop", "shop", "The shop itself, one line").withYes("is_demo"),
            Thing.of(PEOPLE, "person", "Who works here, and who did; nobody's password")
                    .withSecret("password_hash", () -> NewShop.NO_PASSWORD)
                    .withSecret("pin_hash")
                    .withSecret("pin_wrong"),
            Thing.of("makerLimits", "maker_may_not", "What the owner has kept from makers"),
            Thing.of("settings", "shop_setting", "What the shop has chosen for itself"),
            Thing.of("closedDays", "closed_day", "Days on which nobody works"),
            Thing.of("dayConditions", "day_condition", "What was said of a day, such as damp air"),
            Thing.of("prices", "price_from", "What something costs from a day on"),
            Thing.of("steels", "own_steel", "The shop's own steels, from mill sheets")
                    .withJson("entries"),
            Thing.of("abilities", "ability", "At which stations somebody can work, or learns to"),
            Thing.of("workplaces", "workplace", "Where a station's work is done"),
            Thing.of(CLIENTS, "client", "Who asks for knives"),
            Thing.of(JOBS, "job", "What a client or the shop asked for, from the talk to the handing over")
                    .partOf("client_id", CLIENTS),
            Thing.of("wishes", "wish", "What was asked for and agreed in the talk")
                    .partOf("job_id", JOBS),
            Thing.of("earlierBriefs", "brief_before", "What a job's brief was before it was changed")
                    .partOf("job_id", JOBS)
                    .withJson("wishes")
                    .withYes("client_agreed"),
            Thing.of("clientWords", "client_word", "What the client said of a matter")
                    .partOf("job_id", JOBS),
            Thing.of(PIECES, "piece", "One knife or axe, as it is specified and stands")
                    .partOf("job_id", JOBS)
                    .withJson("specification")
                    .withYes("softened_again", "is_spare", "taken_apart"),
            Thing.of("ordered", "ordered", "What of a job is asked for, and which piece it is")
                    .partOf("job_id", JOBS),
            Thing.of("steps", "step", "A step of a piece's route, once it is begun")
                    .partOf("piece_id", PIECES)
                    .withYes("rest_announced")
                    .withSpan("away_ms"),
            Thing.of("repairs", "repair", "A knife that came back, and what is done to it again")
                    .partOf("piece_id", PIECES),
            Thing.of("putOn", "put_on", "Whose work a step, a piece, a job or a station's work is, and was"),
            Thing.of(
                            "readings",
                            "reading",
                            "A measured dimension: a LENGTH in nanometres, a HARDNESS in hundredths of a point, a "
                                    + "TEMPERATURE in degrees Celsius, a TIME in seconds, and as it was typed")
                    .partOf("piece_id", PIECES),
            Thing.of("madeTo", "made_to", "What a step was to make, in the units of readings")
                    .partOf("piece_id", PIECES),
            Thing.of("overrides", "gate_override", "A rule of order that somebody set aside, and why")
                    .partOf("piece_id", PIECES),
            Thing.of("notes", "note", "What was written down at a piece")
                    .partOf("piece_id", PIECES)
                    .withYes("is_lesson"),
            Thing.of("photos", "photo", "Photographs of a piece").partOf("piece_id", PIECES),
            Thing.of("mishaps", "mishap", "What went wrong, and the way back").partOf("piece_id", PIECES),
            Thing.of("decisions", "decision", "A late change, taken or dropped")
                    .partOf("piece_id", PIECES)
                    .withYes("taken", "client_agreed"),
            Thing.of("hardnessTests", "hardness_test", "Hardness as it was tested, in hundredths of a point of HRC")
                    .partOf("piece_id", PIECES)
                    .withJson("readings"),
            Thing.of("warps", "warp", "How far a blade went out of straight, and what was done")
                    .partOf("piece_id", PIECES),
            Thing.of("baths", "bath", "Baths of the tank, as their forms were answered")
                    .withJson("entries"),
            Thing.of("bathCares", "bath_care", "What was done to a bath").partOf("bath_id", "baths"),
            Thing.of("bathCoupons", "bath_coupon", "Coupons that were etched to see what a bath does")
                    .partOf("bath_id", "baths")
                    .withYes("is_right"),
            Thing.of("etchRecipes", "etch_recipe", "The shop's own recipes of an etch"),
            Thing.of("etchRecipeVersions", "etch_recipe_version", "Each version of them")
                    .partOf("recipe_id", "etchRecipes")
                    .withJson("body"),
            Thing.of("tankRuns", "tank_run", "A blade in a bath: by which recipe, and how it came out")
                    .partOf("piece_id", PIECES)
                    .withYes("is_guess")
                    .withJson("recipe"),
            Thing.of("tankMoments", "tank_moment", "When a blade went in and out, and what a cycle did")
                    .partOf("run_id", "tankRuns"),
            Thing.of("masks", "mask", "The zones of a mask, in the order in which they are opened")
                    .partOf("piece_id", PIECES)
                    .withJson("zones"),
            Thing.of("stencils", "stencil", "Stencils for marks, asked for and here"),
            Thing.of("stencilFiles", "stencil_file", "What a stencil is cut from")
                    .partOf("stencil_id", "stencils"),
            Thing.of("markRuns", "mark_run", "Marks that were made by current").partOf("piece_id", PIECES),
            Thing.of("markMoments", "mark_moment", "When current was switched, and the blade cooled")
                    .partOf("run_id", "markRuns"),
            Thing.of("adhesiveSheets", "adhesive_sheet", "Data sheets of adhesives, as their forms were answered")
                    .withJson("entries"),
            Thing.of("dryRuns", "dry_run", "How long a dry fit took by the clock")
                    .partOf("piece_id", PIECES),
            Thing.of("glueMixes", "glue_mix", "What was weighed for a piece, and by which data sheet")
                    .partOf("piece_id", PIECES)
                    .withJson("sheet_then"),
            Thing.of("guardLevels", "guard_level", "How a guard stood open while it was driven on")
                    .partOf("piece_id", PIECES),
            Thing.of("guardPrints", "guard_print", "How a ricasso printed into its guard")
                    .partOf("piece_id", PIECES),
            Thing.of("stackReadings", "stack_reading", "How thick the parts of a handle's stack are")
                    .partOf("piece_id", PIECES),
            Thing.of("cavityPlans", "cavity_plan", "How a block's cavity is opened")
                    .partOf("piece_id", PIECES),
            Thing.of("pinPlans", "pin_plan", "Where alignment pins go through a handle's parts")
                    .partOf("piece_id", PIECES),
            Thing.of("grainReadings", "grain_reading", "How the rings or layers of a handle's block run")
                    .partOf("piece_id", PIECES),
            Thing.of("blockVoids", "block_void", "Voids and knots of a handle's block")
                    .partOf("piece_id", PIECES),
            Thing.of("scaleReadings", "scale_reading", "Scales as they were measured before they were glued")
                    .partOf("piece_id", PIECES),
            Thing.of("sparePairs", "spare_pair", "Spare scales for the same knife")
                    .partOf("piece_id", PIECES),
            Thing.of("glueReady", "glue_ready", "What was seen to lie ready before a glue-up")
                    .partOf("piece_id", PIECES),
            Thing.of("sheathTrials", "sheath_trial", "How a knife went into its sheath before it was closed")
                    .partOf("piece_id", PIECES),
            Thing.of("ferricMakings", "ferric_making", "Ferric chloride that was made here")
                    .withJson("entries"),
            Thing.of("ferricPortions", "ferric_portion", "Portions of peroxide, with how warm it was")
                    .partOf("making_id", "ferricMakings"),
            Thing.of("groundReadings", "ground_reading", "A blade as it was measured while it was ground")
                    .partOf("piece_id", PIECES),
            Thing.of("abrasiveUses", "abrasive_use", "Belts, papers and stones that were used on a piece")
                    .partOf("piece_id", PIECES)
                    .withYes("is_new"),
            Thing.of(
                            "holeReadings",
                            "hole_reading",
                            "A hole as it was measured: its place from the datum, and its size")
                    .partOf("piece_id", PIECES),
            Thing.of("edgeTrials", "edge_trial", "What an edge was tried on, and what came of it")
                    .partOf("piece_id", PIECES),
            Thing.of("edgeHabits", "edge_habit", "What the shop itself leaves behind an edge for a use"),
            Thing.of("revisions", "revision", "A design that was kept")
                    .partOf("job_id", JOBS)
                    .withJson("chosen", "specification"),
            Thing.of("approvals", "approval", "A client's yes to a revision").partOf("revision_id", "revisions"),
            Thing.of("clientLinks", "client_link", "A page that a client was sent; not its address")
                    .partOf("revision_id", "revisions")
                    .withJson("shown")
                    .withSecret("token", Token::random),
            Thing.of("clientWishes", "client_wish", "What a client wrote on such a page")
                    .partOf("link_id", "clientLinks"),
            Thing.of("proposals", "proposal", "A variant that was put to the client")
                    .partOf("job_id", JOBS)
                    .withJson("chosen", "specification"),
            Thing.of("sketches", "sketch", "Sketches of a job").partOf("job_id", JOBS),
            Thing.of("updateSteps", "update_step", "Steps after which the client is written to")
                    .partOf("job_id", JOBS),
            Thing.of("letters", "letter", "Letters to a client").partOf("job_id", JOBS),
            Thing.of("stockItems", "stock_item", "What the shop stocks; lengths in its details are nanometres")
                    .withJson("details"),
            Thing.of(
                            "lots",
                            "lot",
                            "What came in together; amounts in nanometres, square millimetres, grams, millilitres or pieces, "
                                    + "as its kind is counted")
                    .partOf("item_id", "stockItems")
                    .withJson("details"),
            Thing.of("lotFiles", "lot_file", "Pictures and papers of a lot").partOf("lot_id", "lots"),
            Thing.of("orders", "buying_order", "What was ordered of what has to be bought, and whether it has come")
                    .withYes("has_come"),
            Thing.of("promises", "promise", "What of a lot is promised to a piece")
                    .partOf("lot_id", "lots"),
            Thing.of("movements", "movement", "What came to a lot and went from it")
                    .partOf("lot_id", "lots"),
            Thing.of(
                            "cutterUses",
                            "cutter_use",
                            "How far a cutter has cut, and in what; nothing where a fresh one was put in")
                    .partOf("lot_id", "lots"),
            Thing.of("leatherSides", "leather_side", "How large a side of leather is")
                    .partOf("lot_id", "lots"),
            Thing.of("leatherFlaws", "leather_flaw", "Holes and brands on a side of leather")
                    .partOf("lot_id", "lots"),
            Thing.of("claims", "claim", "What a supplier is to make good").partOf("lot_id", "lots"),
            Thing.of("barCuts", "bar_cut", "How a bar is to be cut, or was")
                    .partOf("lot_id", "lots")
                    .withJson("blanks"),
            Thing.of("billets", "billet", "A billet and its recipe; lengths in its steps are nanometres")
                    .withJson("steps"),
            Thing.of("billetSteps", "billet_step", "A step of a billet that was done")
                    .partOf("billet_id", "billets"),
            Thing.of("billetFlaws", "billet_flaw", "A flaw in a weld")
                    .partOf("billet_id", "billets")
                    .withYes("goes_on"),
            Thing.of("forgeMachines", "forge_machine", "Presses, hammers and fires"),
            Thing.of("forgeTrips", "forge_trip", "A day at a machine elsewhere")
                    .partOf("machine_id", "forgeMachines")
                    .withJson("carry", "packed"),
            Thing.of("kilns", "kiln", "Kilns and ovens").withJson("seen"),
            Thing.of("kilnChecks", "kiln_check", "A kiln's reading against a second one")
                    .partOf("kiln_id", "kilns"),
            Thing.of("loads", "fire_load", "What is treated together")
                    .partOf("kiln_id", "kilns")
                    .withJson("ready"),
            Thing.of("loadPieces", "fire_piece", "A piece in a load").partOf("load_id", "loads"),
            Thing.of(
                            "kilnCurves",
                            "kiln_log",
                            "What a kiln showed: moment, degrees Celsius if it showed any, set point")
                    .partOf("kiln_id", "kilns"),
            Thing.of("kilnEvents", "kiln_event", "What happened at a kiln").partOf("kiln_id", "kilns"),
            Thing.of("kilnAlarms", "kiln_alarm", "What a kiln called for")
                    .partOf("kiln_id", "kilns")
                    .withJson("to_do"),
            Thing.of("consignments", "consignment", "Blades that went out to be treated")
                    .withYes("cold"),
            Thing.of("consignedPieces", "consignment_piece", "A blade of a consignment")
                    .partOf("consignment_id", "consignments"),
            Thing.of(JOURNAL, "journal", "Everything that was done, in its order")
                    .partOf("job_id", JOBS));

    private Things() {}

    static Thing named(String name) {
        return ALL.stream()
                .filter(thing -> thing.name().equals(name))
                .findFirst()
                .orElseThrow();
    }
}
