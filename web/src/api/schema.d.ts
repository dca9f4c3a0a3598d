export interface paths {
    "/api/about": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * About
         * @description Which Gasket this is, and where what it keeps lies.
         */
        get: operations["about"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/audit": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Audit Label
         * @description Does this panel agree with itself?
         */
        post: operations["audit_label"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Take In
         * @description Import a batch in the open format, as a dish of its own.
         */
        post: operations["take_in"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Batch */
        get: operations["batch"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/arms": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Arms Sheet
         * @description Into what a batch is divided by weight, or could be.
         */
        get: operations["arms_sheet"];
        put?: never;
        /**
         * Divide Into Arms
         * @description Divide a batch into arms: each becomes a batch of its own, to be weighed, cooked, tasted.
         */
        post: operations["divide_into_arms"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/as-plan": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * As Plan
         * @description The weights of a closed batch become the plan of its trial.
         */
        post: operations["as_plan"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/card": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Show Card */
        get: operations["show_card"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/choices": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Choices
         * @description What can be done about too much or too little, each with what a serving becomes.
         */
        post: operations["choices"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/close": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Close
         * @description Close the weigh-in; refused while lines are open.
         */
        post: operations["close"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/closing": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Closing Report
         * @description What to look at before the weigh-in is closed.
         */
        get: operations["closing_report"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/cook": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Cook
         * @description The cook as it stands, what is left laid out from now on.
         */
        get: operations["cook"];
        put?: never;
        /**
         * Log Deed
         * @description Log what was done or seen. Sending the same id again changes nothing.
         */
        post: operations["log_deed"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/cook/plan": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Take Plan
         * @description Take the trial's steps of today for what was not begun yet.
         */
        put: operations["take_plan"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/corrections": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Amend
         * @description Correct a line of a closed weigh-in. Sending the same id again changes nothing.
         */
        post: operations["amend"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/corrections/{record_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /**
         * Withdraw
         * @description Undo a correction: it stays in the book, and the line is what it was before.
         */
        delete: operations["withdraw"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/dividing": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Divide
         * @description Choose how the batch is divided.
         */
        put: operations["divide"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/file": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Export
         * @description The batch in the open format, as a file.
         */
        get: operations["export"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/finishes": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Save Finishes
         * @description What is added to a serving at the plate.
         */
        put: operations["save_finishes"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/hands-free": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Set Hands Free */
        put: operations["set_hands_free"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/keep-as": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Keep As
         * @description Put the batch, or one component of it, on the shelf as an ingredient.
         */
        post: operations["keep_as"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/lines": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Add Line
         * @description A line that comes in on the way, named before it is poured.
         */
        post: operations["add_line"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/lines/{line_id}/measured": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Measured
         * @description Cups, spoons, scoops or packets of a line's food in grams, with their honest spread.
         */
        post: operations["measured"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/nudge": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Set Nudge
         * @description Widen or narrow the tolerance of this weigh-in.
         */
        put: operations["set_nudge"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/photos": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Batch Photos */
        get: operations["batch_photos"];
        put?: never;
        /**
         * Add Photo
         * @description Keep a photo, scaled and without what stands beside it. The same id again changes nothing.
         */
        post: operations["add_photo"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/plan": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Arrange
         * @description Order, bowls, ways and scales of the weigh-in.
         */
        put: operations["arrange"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/portioning": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Portion Sheet
         * @description Ways to divide side by side, the cut, the spread between pieces, the yield, the finishes.
         */
        get: operations["portion_sheet"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/rehearsal": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Rehearse
         * @description Let a simulated person pour the batch at the simulated scales, or stop them.
         */
        put: operations["rehearse"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/stock": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Batch Stock */
        get: operations["batch_stock"];
        put?: never;
        /**
         * Book Stock
         * @description Put away, eat, give, bin or move servings. Sending the same id again changes nothing.
         */
        post: operations["book_stock"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/stock/amount": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Taken Amount
         * @description What so many servings of a batch come to, or so many grams of it.
         */
        get: operations["taken_amount"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/suggested-order": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Suggested Order
         * @description Bowl by bowl, dry before wet.
         */
        get: operations["suggested_order"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/tastings": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Taste Sheet
         * @description What was said of a batch and of the dish's original, and the verdict on its trial.
         */
        get: operations["taste_sheet"];
        put?: never;
        /**
         * Record Tasting
         * @description Keep a tasting. Sending the same id again changes nothing.
         */
        post: operations["record_tasting"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/weighings": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Record
         * @description Append one record. Sending the same id again changes nothing.
         *
         *     Whoever watches the batch and says which sheet they have is answered what changed, else the
         *     whole sheet.
         */
        post: operations["record"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/batches/{batch_id}/whereabouts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Put Batch
         * @description Archive or delete a batch, or bring it back.
         */
        put: operations["put_batch"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/blind-prospect": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Blind Prospect
         * @description What so many tasters could show at all.
         */
        get: operations["blind_prospect"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/blind-tests/{test_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Blind Test
         * @description A blind test; the key is told once it has ended.
         */
        get: operations["blind_test"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/blind-tests/{test_id}/answers": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Answer Blind
         * @description The code that was chosen at a seat. Sending the same id again changes nothing.
         */
        post: operations["answer_blind"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/blind-tests/{test_id}/cups": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Blind Cups
         * @description What goes into which cup, for whoever fills them and does not taste.
         */
        get: operations["blind_cups"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/blind-tests/{test_id}/end": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * End Blind
         * @description Show the key and the result: no more answers after that.
         */
        post: operations["end_blind"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/blind-tests/{test_id}/removed": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Put Blind
         * @description Put a test away, or bring it back.
         */
        put: operations["put_blind"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/claims/check": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Check Claimed
         * @description Do somebody's claimed figures agree with each other, and which one is likeliest wrong?
         */
        post: operations["check_claimed"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/claims/read": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Read Claims
         * @description Claimed figures out of pasted words.
         */
        post: operations["read_claims"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/compare": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Compare
         * @description Two to five packages side by side, and inside a trial.
         */
        get: operations["compare"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/dishes": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Dish Names
         * @description Dishes by the words of their names.
         */
        get: operations["dish_names"];
        put?: never;
        /**
         * Add Dish
         * @description Start a dish with an empty trial A.
         */
        post: operations["add_dish"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/dishes/example": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Add Example
         * @description An invented dish with its foods, to look around in; only for a kitchen without dishes.
         */
        post: operations["add_example"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/dishes/{dish_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Dish */
        get: operations["dish"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/dishes/{dish_id}/blind-tests": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Blind Tests Of */
        get: operations["blind_tests_of"];
        put?: never;
        /**
         * Begin Blind Test
         * @description Draw codes and orders for two samples.
         */
        post: operations["begin_blind_test"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/dishes/{dish_id}/duplicate": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Duplicate
         * @description A dish of its own with the same original and the newest trial.
         */
        post: operations["duplicate"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/dishes/{dish_id}/history": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Dish History
         * @description The trials of a dish: figures, scores, what each change did, the frontier.
         */
        get: operations["dish_history"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/dishes/{dish_id}/original": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Edit Original */
        put: operations["edit_original"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/dishes/{dish_id}/original/lines": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Start Original
         * @description The original as ingredients: begun now unless it is there.
         */
        post: operations["start_original"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/dishes/{dish_id}/rejected": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Rejected
         * @description Swaps that are not wanted in this dish, and why.
         */
        get: operations["rejected"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/dishes/{dish_id}/rejected/{swap}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Reject */
        put: operations["reject"];
        post?: never;
        /**
         * Allow
         * @description Propose it again.
         */
        delete: operations["allow"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/dishes/{dish_id}/repair": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Repair Dish
         * @description Mend a dish that cannot be read: what cannot be kept is said.
         */
        post: operations["repair_dish"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/dishes/{dish_id}/serving": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Dish Serving
         * @description One serving of the newest trial, as planned or as last weighed.
         */
        get: operations["dish_serving"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/dishes/{dish_id}/trials": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Copy Trial
         * @description The next trial, as a copy with an intent.
         */
        post: operations["copy_trial"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/dishes/{dish_id}/whereabouts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Put Dish
         * @description Archive or delete a dish, or bring it back.
         */
        put: operations["put_dish"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/foods": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Foods
         * @description Foods for some words, misspelt ones too; without words, lately used ones first. `mine`
         *     without the generic ones.
         */
        get: operations["foods"];
        put?: never;
        /** Add Food */
        post: operations["add_food"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/foods/{food_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Food */
        get: operations["food"];
        /**
         * Edit Food
         * @description Name, other names, and what a cup or a piece of it weighs.
         */
        put: operations["edit_food"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/foods/{food_id}/labels": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Add Label */
        post: operations["add_label"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/foods/{food_id}/on-shelf": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Put Food
         * @description Take a food off the shelf, or put it back. Builds and batches keep it.
         */
        put: operations["put_food"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/foods/{food_id}/told": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Tell
         * @description What one cup, scoop or piece of it weighs: asked once, kept.
         */
        post: operations["tell"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grams": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Grams
         * @description Grams meant by "120", "4 oz", "1/2 lb".
         */
        get: operations["grams"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/health": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Health */
        get: operations["health"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/keepers": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Ranked Keepers
         * @description The keepers of all dishes, in the order that these weights give.
         */
        get: operations["ranked_keepers"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/kitchen": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Kitchen
         * @description What is going on now, and a page of dishes: by words of their names, by tag, sorted.
         */
        get: operations["kitchen"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/labels/pasted": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Pasted Panel
         * @description A copied panel, or "148 kcal, 12 P, 4 C, 9 F per 100 g", and its figures. Stores nothing.
         */
        post: operations["pasted_panel"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/labels/{label_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Edit Label
         * @description A changed package becomes a new version; batches keep the one they were weighed with.
         */
        put: operations["edit_label"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/labels/{label_id}/moved": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Moved
         * @description Which trials and batches would move by how much, if they were re-reckoned.
         */
        post: operations["moved"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/labels/{label_id}/on-shelf": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Put Label */
        put: operations["put_label"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/labels/{label_id}/versions": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Label Versions
         * @description Every version of the label with what changed, newest first.
         */
        get: operations["label_versions"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/photos/{photo_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Photo
         * @description The picture. It never changes.
         */
        get: operations["photo"];
        /**
         * Put Photo
         * @description Delete a photo or bring it back, put it on the card or take it off.
         */
        put: operations["put_photo"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/quick-entry": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Quick Entry
         * @description One line → foods on the shelf, grams, and how they were worked out.
         */
        post: operations["quick_entry"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/quick-entry/chosen": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Remember Choices
         * @description What the cook chose for lines that asked: offered first next time, then taken.
         */
        post: operations["remember_choices"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/quick-entry/chosen/forgotten": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Forget Choice
         * @description Ask about the words of this line again.
         */
        post: operations["forget_choice"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/quick-entry/list": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Quick List
         * @description A whole recipe, line by line.
         */
        post: operations["quick_list"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/reckon": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Reckon Batch
         * @description Reckon a batch in the open format.
         */
        post: operations["reckon_batch"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/reference-amounts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Reference Amounts
         * @description What rules take one eating of a food to weigh.
         */
        get: operations["reference_amounts"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/scale": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Scale
         * @description Which scales answer, and what they show now.
         */
        get: operations["scale"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/scale/simulator": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Simulate
         * @description Do something at a simulated scale.
         */
        post: operations["simulate"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/settings": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Read Settings */
        get: operations["read_settings"];
        /** Write Settings */
        put: operations["write_settings"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/shelf/export": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Export Shelf
         * @description Every label on the shelf, one row each.
         */
        get: operations["export_shelf"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/shelf/imports": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Start Import
         * @description Read a file in the background. Nothing is written before it is committed.
         */
        post: operations["start_import"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/shelf/imports/{key}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Import State */
        get: operations["import_state"];
        put?: never;
        post?: never;
        /** Forget Import */
        delete: operations["forget_import"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/shelf/imports/{key}/commit": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Commit Import
         * @description Write everything at once, in the background; if anything fails, nothing is written.
         */
        post: operations["commit_import"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/shelf/imports/{key}/rows": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Import Rows
         * @description What each row would do, in the order of the file.
         */
        get: operations["import_rows"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/shelf/reference": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Stock Reference
         * @description Put the generic foods that are missing on the shelf, with typical values.
         */
        post: operations["stock_reference"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sources": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Sources
         * @description Who says so: every source by its key.
         */
        get: operations["sources"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/stock": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * On Hand
         * @description What is put away, what must be eaten first before the rest.
         */
        get: operations["on_hand"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/swaps": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Swaps
         * @description Every swap that is known, the cook's own first.
         */
        get: operations["swaps"];
        put?: never;
        /**
         * Add Swap
         * @description Keep a swap of the cook's own.
         */
        post: operations["add_swap"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/swaps/{swap}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /** Remove Swap */
        delete: operations["remove_swap"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/tasters": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * List Tasters
         * @description Who tastes in this house.
         */
        get: operations["list_tasters"];
        put?: never;
        /** Add Taster */
        post: operations["add_taster"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/tasters/{taster_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Edit Taster
         * @description Rename or remove a taster, or bring one back. What they said stays.
         */
        put: operations["edit_taster"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/tastings/{tasting_id}/archived": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Put Tasting
         * @description Archive a tasting, so that it counts no more, or bring it back.
         */
        put: operations["put_tasting"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/tastings/{tasting_id}/fullness": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Answer Fullness
         * @description How full it still is; or ask later, or never. Answers who else is to be asked.
         */
        post: operations["answer_fullness"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/timers": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Running Timers
         * @description Everything that runs in the house.
         */
        get: operations["running_timers"];
        put?: never;
        /**
         * Set Timer
         * @description Set, extend or end a timer that belongs to no batch.
         */
        post: operations["set_timer"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trials/{trial_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Trial
         * @description The stored build and what it comes to.
         */
        get: operations["trial"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trials/{trial_id}/allowance": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Allowance
         * @description What fits on top of a serving for so many kcal.
         */
        post: operations["allowance"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trials/{trial_id}/batches": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Begin
         * @description Begin a weigh-in of a trial, as planned or freely.
         */
        post: operations["begin"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trials/{trial_id}/build": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Save Build */
        put: operations["save_build"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trials/{trial_id}/difference": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Difference
         * @description What this trial changed against the trial `to`.
         */
        get: operations["difference"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trials/{trial_id}/from-original": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * From Original
         * @description The original's ingredients as a build to begin this trial with. Stores nothing.
         */
        get: operations["from_original"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trials/{trial_id}/intent": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Edit Intent */
        put: operations["edit_intent"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trials/{trial_id}/next": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Next From
         * @description Up to four proposals for the next trial, each one change.
         */
        get: operations["next_from"];
        put?: never;
        /**
         * Take Proposal
         * @description The next trial with this change made.
         */
        post: operations["take_proposal"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trials/{trial_id}/next/rejected": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Reject Proposal
         * @description Never propose it again in this dish.
         */
        post: operations["reject_proposal"];
        /**
         * Allow Proposal
         * @description Propose a rejected one again.
         */
        delete: operations["allow_proposal"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trials/{trial_id}/pending": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Pending Lines
         * @description Lines of pasted lists that are kept for later.
         */
        get: operations["pending_lines"];
        put?: never;
        /** Keep Line */
        post: operations["keep_line"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trials/{trial_id}/pending/{pending_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /** Drop Line */
        delete: operations["drop_line"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trials/{trial_id}/photos": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Trial Photos
         * @description The photos of all batches of a trial.
         */
        get: operations["trial_photos"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trials/{trial_id}/presets": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Presets
         * @description Starting points for a goal.
         */
        get: operations["presets"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trials/{trial_id}/reach": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Reach
         * @description Up to three ways to the goal; else what collides and the closest build.
         */
        post: operations["reach"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trials/{trial_id}/reckon": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Reckon Build
         * @description All that can be said of an unsaved build. Stores nothing.
         */
        post: operations["reckon_build"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trials/{trial_id}/scale": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Scale Build
         * @description An unsaved build made larger or smaller. Stores nothing.
         */
        post: operations["scale_build"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trials/{trial_id}/steps": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Trial Steps
         * @description The steps of a trial, laid out from now on.
         */
        get: operations["trial_steps"];
        /** Save Steps */
        put: operations["save_steps"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trials/{trial_id}/steps/another-way": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Step Another Way
         * @description The steps with one of them done another way: in another appliance or vessel, by hand.
         */
        post: operations["step_another_way"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trials/{trial_id}/steps/read": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Read Step Text
         * @description A typed line as a step: “bake 340 F 24-28 min, check at 20”.
         */
        post: operations["read_step_text"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trials/{trial_id}/steps/report": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Report Steps
         * @description All that can be said of unsaved steps, laid out forward or backward. Stores nothing.
         */
        post: operations["report_steps"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trials/{trial_id}/steps/template": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Step Template
         * @description Steps to begin with, by family of dish.
         */
        get: operations["step_template"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trials/{trial_id}/swaps": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Swaps For Line
         * @description What may stand in for a line of an unsaved build, and what each would do to a serving.
         */
        post: operations["swaps_for_line"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trials/{trial_id}/tastings": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Trial Tastings
         * @description Everything that was said of a trial, newest first.
         */
        get: operations["trial_tastings"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trials/{trial_id}/verdict": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Read Verdict */
        get: operations["read_verdict"];
        /**
         * Write Verdict
         * @description Keep, change or drop, with the lesson.
         */
        put: operations["write_verdict"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trials/{trial_id}/whereabouts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /**
         * Put Trial
         * @description Archive or delete a trial, or bring it back.
         */
        put: operations["put_trial"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
}
export type webhooks = Record<string, never>;
export interface components {
    schemas: {
        /**
         * About
         * @description Which Gasket this is, and where what it keeps lies.
         */
        About: {
            /** Kitchen */
            kitchen: string;
            /** Log */
            log: string;
            /** Schema Revision */
            schema_revision: string;
            /** Version */
            version: string;
        };
        /**
         * Aim
         * @description What the page is filling.
         */
        Aim: {
            /**
             * Aim
             * @enum {string}
             */
            aim: "line" | "mixture" | "cooked" | "portion" | "leftover" | "fat";
            /**
             * Piece
             * @default null
             */
            piece?: number | null;
        };
        /**
         * Allowance
         * @description What fits into the kcal that are left, most protein first.
         */
        Allowance: {
            /** Kcal */
            kcal: number | null;
            /** Labels */
            labels: {
                [key: string]: components["schemas"]["ShelfLabel"];
            };
            /** Toppings */
            toppings: components["schemas"]["Topping"][];
        };
        /**
         * AllowanceWanted
         * @description kcal of one serving that may be spent on a topping; None takes what the goal leaves.
         */
        AllowanceWanted: {
            build: components["schemas"]["Build"];
            /** Kcal */
            kcal?: number | null;
        };
        /**
         * Also
         * @description What else moves in a compound swap: lines of a kind, by a factor.
         */
        Also: {
            /** Factor */
            factor: number;
            /** Food Id */
            food_id?: number | null;
            /**
             * Kinds
             * @default []
             */
            kinds?: ("flour" | "oat_flour" | "oats" | "nut_flour" | "coconut_flour" | "starch" | "self_raising_flour" | "mix" | "fibre" | "cocoa" | "whey_powder" | "protein_blend" | "plant_protein" | "collagen" | "milk_powder" | "sugar" | "brown_sugar" | "powdered_sugar" | "syrup" | "jam" | "sprinkles" | "confection" | "sweetener" | "brown_sweetener" | "powdered_sweetener" | "intense_sweetener" | "butter" | "spread" | "oil" | "oil_spray" | "mayonnaise" | "nut_butter" | "peanut_powder" | "nuts" | "seeds" | "chocolate" | "protein_bar" | "egg" | "egg_white" | "egg_yolk" | "egg_replacer" | "cream_cheese" | "cream" | "thick_yogurt" | "cottage_cheese" | "plant_yogurt" | "cheese" | "plant_cheese" | "milk" | "plant_milk" | "creamer" | "ice_cream" | "mince" | "poultry_mince" | "poultry" | "cured_meat" | "deli_meat" | "jerky" | "meat" | "fish" | "plant_meat" | "tofu" | "legumes" | "bread" | "wrap" | "pasta" | "noodle" | "rice" | "potato" | "crumbs" | "cereal" | "wafer" | "cookie" | "snack" | "pie_crust" | "fruit" | "dried_fruit" | "puree" | "juice" | "vegetable" | "baking_powder" | "baking_soda" | "yeast" | "gum" | "gelatine" | "pudding_mix" | "whipped_topping" | "salt" | "spice" | "seasoning_blend" | "savoury_dust" | "flavouring" | "coffee" | "acid" | "sauce" | "dressing" | "dip" | "stock" | "alcohol" | "soft_drink" | "water" | "other")[];
        };
        /**
         * Amendment
         * @description What a line really was: `net_g` grams, the food of `label_id`, or both; `note` may say why.
         *     `id` is made by the sender: sent again it changes nothing.
         */
        Amendment: {
            /** Id */
            id: string;
            /** Label Id */
            label_id?: number | null;
            /** Line */
            line: number;
            /** Net G */
            net_g?: number | null;
            /**
             * Note
             * @default
             */
            note?: string;
        };
        /**
         * AmountAnswer
         * @description The readings, likeliest first; a question when the choice is the cook's; a caution.
         */
        AmountAnswer: {
            /**
             * Caution
             * @default
             */
            caution?: string;
            /**
             * Question
             * @default
             */
            question?: string;
            /** Readings */
            readings: components["schemas"]["AmountReading"][];
        };
        /**
         * AmountReading
         * @description One way of reading the line. `low_g` and `high_g` where it is no weighed amount.
         */
        AmountReading: {
            /** Count */
            count?: number | null;
            /** Grams */
            grams: number | null;
            /** High G */
            high_g?: number | null;
            /** How */
            how: string;
            /** Low G */
            low_g?: number | null;
            needs?: components["schemas"]["MissingFact"] | null;
        };
        /**
         * AnotherWay
         * @description Steps of which one is to be done another way.
         */
        AnotherWay: {
            /** Step */
            step: string;
            /** Steps */
            steps: components["schemas"]["Step"][];
            /** Way */
            way: string;
        };
        /**
         * ArchiveTasting
         * @description Whether a tasting is archived: it then counts no more.
         */
        ArchiveTasting: {
            /** Archived */
            archived: boolean;
        };
        /**
         * Arm
         * @description A part of the batch, by weight, that goes its own way: what only it has in it, its weights,
         *     its pieces, its finish. `components` are its own ones; those that no line of them uses belong
         *     to it.
         */
        Arm: {
            /**
             * Components
             * @default []
             */
            components?: components["schemas"]["Component"][];
            /** Cooked G */
            cooked_g?: number | null;
            /**
             * Division G
             * @default 1
             */
            division_g?: number;
            /** Estimate */
            estimate?: number[] | null;
            /**
             * Finish
             * @default []
             */
            finish?: components["schemas"]["FinishLine"][];
            /** Grams */
            grams: number;
            /** Mixture G */
            mixture_g?: number | null;
            /** Name */
            name: string;
            portions: components["schemas"]["Portions"];
        };
        /**
         * ArmEntry
         * @description An arm of a batch of a trial. `batch_of` is the batch that was divided; `changes` what it did
         *     otherwise, in words; `credit` what that did against the first arm, None for the first.
         */
        ArmEntry: {
            /** Batch Id */
            batch_id: number;
            /** Batch Of */
            batch_of: number;
            /** Changes */
            changes: string[];
            credit: components["schemas"]["Credit"] | null;
            /** Grams */
            grams: number | null;
            /** Kcal */
            kcal: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Name */
            name: string;
            /** Protein G */
            protein_g: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            score: components["schemas"]["Score"] | null;
            /** Words */
            words: components["schemas"]["WordCount"][];
        };
        /**
         * ArmLine
         * @description What only one arm gets, weighed like any line.
         */
        ArmLine: {
            /** Grams */
            grams: number;
            /** Label Id */
            label_id: number;
        };
        /**
         * ArmResult
         * @description What one arm comes to, each of its pieces with its own figures.
         */
        ArmResult: {
            batch: components["schemas"]["Facts"];
            /** Findings */
            findings: components["schemas"]["Finding"][];
            /** Lines */
            lines: components["schemas"]["LineShare"][];
            /** Margin Parts */
            margin_parts: {
                [key: string]: components["schemas"]["MarginPart"][];
            };
            /** Name */
            name: string;
            original: components["schemas"]["ComparedOriginal"] | null;
            per_100g: components["schemas"]["Facts"] | null;
            /** Portions */
            portions: components["schemas"]["Portion"][];
            /** Says Who */
            says_who: {
                [key: string]: string[];
            };
            serving: components["schemas"]["Portion"];
            /** Weight G */
            weight_g: number | null;
            /** Weight Of */
            weight_of: ("cooked" | "mixture" | "lines") | null;
        };
        /**
         * ArmState
         * @description An arm as it stands. `part_g` is what it has of the mixture, or is to have; `changes` what it
         *     does otherwise, in words.
         */
        ArmState: {
            /** Batch Id */
            batch_id: number;
            /** Broken */
            broken: string;
            /** Changes */
            changes: string[];
            /** Closed */
            closed: boolean;
            /**
             * Cooking
             * @enum {string}
             */
            cooking: "none" | "going" | "done";
            /** Name */
            name: string;
            /** Part G */
            part_g: number | null;
            /** Pieces */
            pieces: number;
            serving: components["schemas"]["Portion"] | null;
            /** Servings */
            servings: number | null;
        };
        /**
         * ArmStep
         * @description What an arm does otherwise in one step; None is as planned.
         */
        ArmStep: {
            /** Minutes */
            minutes?: number | null;
            /** Step */
            step: string;
            /** Temperature C */
            temperature_c?: number | null;
            /** Tool */
            tool?: string | null;
            /** Vessel */
            vessel?: string | null;
        };
        /**
         * ArmsSheet
         * @description Into what a batch is divided, or could be. `not_yet` says why it cannot be now; `steps` are
         *     those that an arm would do itself, `whole_g` what there is to divide.
         */
        ArmsSheet: {
            /** Arms */
            arms: components["schemas"]["ArmState"][];
            /** Batch Id */
            batch_id: number;
            /** Finishes */
            finishes: components["schemas"]["Finish"][];
            /** Not Yet */
            not_yet: string;
            /** Steps */
            steps: components["schemas"]["Step"][];
            /** Whole G */
            whole_g: number | null;
        };
        /**
         * AsPlanned
         * @description One serving as it was planned when the batch began.
         */
        AsPlanned: {
            /** Grams */
            grams: number | null;
            /** Kcal */
            kcal: number | null;
            /** Protein G */
            protein_g: number | null;
        };
        /**
         * AtEqualWeight
         * @description Our figures for as many grams as one serving of the original weighs.
         */
        AtEqualWeight: {
            /** Calcium Mg */
            calcium_mg?: number | null;
            /** Carbohydrate G */
            carbohydrate_g?: number | null;
            /** Cholesterol Mg */
            cholesterol_mg?: number | null;
            /** Fat G */
            fat_g?: number | null;
            /** Fibre G */
            fibre_g?: number | null;
            /** Grams */
            grams: number;
            /** Iron Mg */
            iron_mg?: number | null;
            /** Kcal */
            kcal?: number | null;
            /** Net Carbohydrate G */
            net_carbohydrate_g?: number | null;
            /** Polyols G */
            polyols_g?: number | null;
            /** Potassium Mg */
            potassium_mg?: number | null;
            /** Protein G */
            protein_g?: number | null;
            /** Saturated G */
            saturated_g?: number | null;
            /** Sodium Mg */
            sodium_mg?: number | null;
            /** Sugars G */
            sugars_g?: number | null;
        };
        /**
         * Audit
         * @description What a careful reader finds on a panel.
         */
        Audit: {
            /** Causes */
            causes: string[];
            /** Hidden */
            hidden: components["schemas"]["HiddenByZero"][];
            /** Impossible */
            impossible: string[];
            /** Off Kcal */
            off_kcal: number | null;
            /** Printed Hi */
            printed_hi: number | null;
            /** Printed Kcal */
            printed_kcal: number | null;
            /** Printed Lo */
            printed_lo: number | null;
            /** Reckoned */
            reckoned: components["schemas"]["EnergyByMethod"][];
            /** Says */
            says: string;
            /** Tolerated */
            tolerated: components["schemas"]["ToleranceLimits"][];
            verdict: components["schemas"]["AuditVerdict"];
        };
        /**
         * AuditVerdict
         * @description Whether a label's energy agrees with its own macros.
         * @enum {string}
         */
        AuditVerdict: "agrees" | "agrees only with fibre or polyols counted" | "off" | "cannot tell";
        /**
         * Batch
         * @description Everything that the reckoning needs, and nothing else. See docs/formats/batch.md.
         */
        Batch: {
            /**
             * Arms
             * @default []
             */
            arms?: components["schemas"]["Arm"][];
            /** Components */
            components: components["schemas"]["Component"][];
            /** Cooked G */
            cooked_g?: number | null;
            /**
             * Finish
             * @default []
             */
            finish?: components["schemas"]["FinishLine"][];
            /**
             * Format
             * @constant
             */
            format: "gasket-batch";
            /** Labels */
            labels: {
                [key: string]: components["schemas"]["Label"];
            };
            /** Mixture G */
            mixture_g?: number | null;
            /** Name */
            name?: string | null;
            original?: components["schemas"]["Original"] | null;
            portions: components["schemas"]["Portions"];
            /**
             * @default {
             *       "energy": "labelled",
             *       "erythritol_kcal_per_g": 0,
             *       "residue": "counted"
             *     }
             */
            settings?: components["schemas"]["Settings"];
            /**
             * Version
             * @enum {integer}
             */
            version: 1 | 2;
        };
        /**
         * BatchLine
         * @description A line of the weigh-in, with what has been recorded for it.
         *
         *     `target_g` is what is aimed at now: as planned (`planned_g`), times what was carried on; above
         *     `too_much_g` the cook is asked what to do. `poured_g` is what a line that is still open has
         *     already; `planned_name` the food that was planned where another went in; `also` the components
         *     that share its pour. `later` is its place among the lines that were put off. Of an amount
         *     outside `likely_g` a page asks before it is recorded; one that is recorded is `doubtful`.
         *     `corrections` were made since the weigh-in was closed; `outdated` is a batch used as an
         *     ingredient that was itself corrected since.
         */
        BatchLine: {
            /** Also */
            also: string[];
            /** Bowl */
            bowl: string;
            /** Component */
            component: string;
            /** Corrections */
            corrections: components["schemas"]["Correction"][];
            /** Count */
            count: number | null;
            /** Cue */
            cue: string;
            /** Doubtful */
            doubtful: boolean;
            /** Finer Scale */
            finer_scale: boolean;
            /** Food Id */
            food_id: number | null;
            /** High G */
            high_g: number | null;
            /** Id */
            id: number;
            /** Label Id */
            label_id: number | null;
            /** Later */
            later: number | null;
            /** Likely G */
            likely_g: number[] | null;
            /** Low G */
            low_g: number | null;
            /** Name */
            name: string;
            /** Net G */
            net_g: number | null;
            /** Only Counted */
            only_counted: boolean;
            origin: components["schemas"]["ReadingOrigin"] | null;
            /** Outdated */
            outdated: boolean;
            /** Planned */
            planned: boolean;
            /** Planned G */
            planned_g: number;
            /** Planned Name */
            planned_name: string | null;
            /** Poured G */
            poured_g: number;
            /** Poured With */
            poured_with: number | null;
            /** Reason */
            reason: string;
            /** Record Id */
            record_id: string | null;
            /** Scale */
            scale: string | null;
            /** Seen */
            seen: string;
            /** Spilled G */
            spilled_g: number;
            status: components["schemas"]["LineStatus"];
            /** Target G */
            target_g: number;
            /** Too Much G */
            too_much_g: number | null;
            /** Unnamed */
            unnamed: boolean;
            /** Until */
            until: string;
            /** Wants Name */
            wants_name: boolean;
            /**
             * Way
             * @enum {string}
             */
            way: "into" | "out_of";
            /**
             * Wetness
             * @enum {string}
             */
            wetness: "dry" | "wet";
        };
        /**
         * BatchSheet
         * @description A batch as it stands: lines, tares, mixture, portions, and what that makes so far. `number`
         *     grows with every change: a sheet with a smaller one is older.
         *
         *     While lines are open, `serving` counts them as planned and says so in a finding. `task` is what
         *     is being weighed now, on whatever scale; `tares` is by scale, `empty_g` by bowl. `portions`
         *     is the number of pieces that `to_divide_g` is divided into, `fill_g` what each of those to fill
         *     (or to top up) still takes, `fill_each_g` what another one is filled to; a batch that is
         *     `divided` into arms has none.
         */
        BatchSheet: {
            /** Closed At */
            closed_at: string | null;
            /** Cooked G */
            cooked_g: number | null;
            /** Current */
            current: number | null;
            /** Dish */
            dish: string;
            /** Dish Id */
            dish_id: number;
            /** Divided */
            divided: boolean;
            dividing: components["schemas"]["Dividing"];
            /** Empty G */
            empty_g: {
                [key: string]: number;
            };
            /** Fill Each G */
            fill_each_g: number | null;
            /** Fill G */
            fill_g: {
                [key: string]: number;
            };
            /** Findings */
            findings: components["schemas"]["Finding"][];
            /** Free */
            free: boolean;
            /** Hands Free */
            hands_free: boolean;
            /** Id */
            id: number;
            /** Last Record */
            last_record: string | null;
            /** Letter */
            letter: string;
            /** Lines */
            lines: components["schemas"]["BatchLine"][];
            /** Lines G */
            lines_g: number;
            /** Mixture G */
            mixture_g: number | null;
            /** Names */
            names: string[];
            /** Next Piece */
            next_piece: number | null;
            /** Nudge */
            nudge: number;
            /** Number */
            number: number;
            /** Pieces */
            pieces: components["schemas"]["FilledPiece"][];
            /** Portions */
            portions: number;
            serving: components["schemas"]["Portion"];
            /**
             * Started At
             * Format: date-time
             */
            started_at: string;
            /** Tares */
            tares: {
                [key: string]: components["schemas"]["Tare"];
            };
            /** Target Each G */
            target_each_g: number | null;
            task: components["schemas"]["Task"];
            /** To Divide G */
            to_divide_g: number | null;
            /** Topping Up */
            topping_up: boolean;
            /** Trial Id */
            trial_id: number;
            /** Version */
            version: number;
            /** Weighed Back */
            weighed_back: components["schemas"]["PartWeighedBack"][];
        };
        /**
         * BatchStock
         * @description What became of a batch. `made` is in servings; `unbooked` is not accounted for yet.
         */
        BatchStock: {
            /** Advice */
            advice: components["schemas"]["Keeps"][];
            /** Batch Id */
            batch_id: number;
            /** Dish */
            dish: string;
            /** Dish Id */
            dish_id: number;
            /** Gone */
            gone: {
                [key: string]: number;
            };
            /** Kcal */
            kcal: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Last Record */
            last_record: string | null;
            /** Letter */
            letter: string;
            /** Lots */
            lots: components["schemas"]["ShelfLot"][];
            /** Made */
            made: number | null;
            /**
             * Made At
             * Format: date-time
             */
            made_at: string;
            /** Reheat */
            reheat: string;
            /** Reheat Ways */
            reheat_ways: string[];
            /** Serving G */
            serving_g: number | null;
            /** Suggested */
            suggested: {
                [key: string]: string;
            };
            /** Unbooked */
            unbooked: number;
            warmed: components["schemas"]["LastWarming"] | null;
        };
        /**
         * BatchSummary
         * @description A batch as a dish lists it; `cooking` is how far its steps are, `broken` why it cannot be
         *     read. An `arm` is called so and is a part of `arm_of`.
         */
        BatchSummary: {
            /** Archived */
            archived: boolean;
            /** Arm */
            arm: string;
            /** Arm Of */
            arm_of: number | null;
            /** Broken */
            broken: string;
            /** Closed At */
            closed_at: string | null;
            /**
             * Cooking
             * @enum {string}
             */
            cooking: "none" | "going" | "done";
            /** Id */
            id: number;
            /** Open Lines */
            open_lines: number;
            /**
             * Started At
             * Format: date-time
             */
            started_at: string;
        };
        /**
         * Before
         * @description One serving as older rules of Gasket made it of the very same records.
         */
        Before: {
            /** Carbohydrate G */
            carbohydrate_g: number | null;
            /** Fat G */
            fat_g: number | null;
            /** Kcal */
            kcal: number | null;
            /** Protein G */
            protein_g: number | null;
        };
        /**
         * BeginWeighIn
         * @description How to begin. `free`: nothing planned, pour anything and name it before or after; a trial
         *     that has a plan is left alone and the next one is begun.
         */
        BeginWeighIn: {
            /**
             * Free
             * @default false
             */
            free?: boolean;
        };
        /**
         * Behind
         * @description What stands behind the figures: the names of lines and labels, the original, the sources.
         */
        Behind: {
            /** Label Names */
            label_names: {
                [key: string]: string;
            };
            /** Names */
            names: string[];
            original_column: components["schemas"]["Column"] | null;
            /** Source Note */
            source_note: string;
            /** Sources */
            sources: {
                [key: string]: components["schemas"]["Source"];
            };
        };
        /**
         * BlindAnswer
         * @description The code that a taster chose at a seat, or takes back: then the seat is open again. `id` is
         *     made by the sender.
         */
        BlindAnswer: {
            /** Code */
            code: number;
            /** Id */
            id: string;
            /** Seat */
            seat: number;
            /**
             * Taken Back
             * @default false
             */
            taken_back?: boolean;
            /** Taster Id */
            taster_id?: number | null;
        };
        /**
         * BlindCups
         * @description The key, for whoever fills the cups: codes by sample, and what stands at each seat.
         */
        BlindCups: {
            /** Fills */
            fills: components["schemas"]["CupsOf"][];
            /** Seats */
            seats: components["schemas"]["KeySeat"][];
        };
        /**
         * BlindResult
         * @description How it came out. `hits` are odd ones found, or choices of A; `is_shown` at 5 %.
         */
        BlindResult: {
            /** Answers */
            answers: number;
            /** Hits */
            hits: number;
            /** Is Shown */
            is_shown: boolean;
            /** P */
            p: number;
            /** Says */
            says: string;
        };
        /**
         * BlindSheet
         * @description A blind test. The samples behind the codes (`key`) and the result are told once it has
         *     ended.
         */
        BlindSheet: {
            /** Answered */
            answered: number;
            /**
             * Created At
             * Format: date-time
             */
            created_at: string;
            /** Dish */
            dish: string;
            /** Dish Id */
            dish_id: number;
            /** Ended At */
            ended_at: string | null;
            /** Id */
            id: number;
            /** Key */
            key: components["schemas"]["KeySeat"][];
            /**
             * Kind
             * @enum {string}
             */
            kind: "triangle" | "preference";
            /** Name A */
            name_a: string;
            /** Name B */
            name_b: string;
            prospect: components["schemas"]["Prospect"];
            /** Removed */
            removed: boolean;
            result: components["schemas"]["BlindResult"] | null;
            /** Seats */
            seats: components["schemas"]["CodedSeat"][];
        };
        /**
         * BlindSummary
         * @description A blind test in a list.
         */
        BlindSummary: {
            /** Answered */
            answered: number;
            /**
             * Created At
             * Format: date-time
             */
            created_at: string;
            /** Ended */
            ended: boolean;
            /** Id */
            id: number;
            /**
             * Kind
             * @enum {string}
             */
            kind: "triangle" | "preference";
            /** Name A */
            name_a: string;
            /** Name B */
            name_b: string;
            /** Says */
            says: string;
            /** Seats */
            seats: number;
        };
        /**
         * Build
         * @description The whole build, in working order.
         */
        Build: {
            /**
             * Components
             * @default []
             */
            components?: components["schemas"]["BuildComponent"][];
            /**
             * Portions
             * @default 1
             */
            portions?: number;
            /**
             * @default {
             *       "confirm_family": false,
             *       "dismissed": [],
             *       "eaten": {},
             *       "fat_school": "keep",
             *       "goal": {
             *         "bowls": {},
             *         "carbohydrate_g": {},
             *         "carbohydrate_per_protein": {},
             *         "cost": {},
             *         "fat_energy": {},
             *         "fat_g": {},
             *         "fibre_g": {},
             *         "hands_on_min": {},
             *         "kcal": {},
             *         "net_carbohydrate_g": {},
             *         "protein_energy": {},
             *         "protein_g": {},
             *         "ratio_means": "total",
             *         "serving_g": {}
             *       },
             *       "needs": [],
             *       "sweetness_least": 0.7
             *     }
             */
            terms?: components["schemas"]["Terms"];
        };
        /**
         * BuildChange
         * @description Lines that stand in the place of a line, by its id: none takes it out.
         *
         *     A swap, a proposal of the solver and a new size of the trial are all changes of this form.
         */
        BuildChange: {
            /** Lines */
            lines?: {
                [key: string]: components["schemas"]["BuildLine"][];
            };
            /** Portions */
            portions?: number | null;
        };
        /**
         * BuildCheck
         * @description One check: its value beside the usual band, and what that means for this dish.
         *
         *     `speaks` is false while the value is within the band, the cook has dismissed it (`note`), or it
         *     is a notice to the eater and no fault of the build.
         */
        BuildCheck: {
            /** Code */
            code: string;
            /** Component */
            component: string;
            /** Least */
            least: number | null;
            /** Most */
            most: number | null;
            /** Name */
            name: string;
            /**
             * Note
             * @default
             */
            note?: string;
            /** Says */
            says: string;
            /** Source */
            source: string;
            /** Speaks */
            speaks: boolean;
            /** Unit */
            unit: string;
            /** Value */
            value: number;
            /**
             * Verdict
             * @enum {string}
             */
            verdict: "within" | "below" | "above";
        };
        /**
         * BuildComponent
         * @description One bowl of the build.
         */
        BuildComponent: {
            /**
             * Lines
             * @default []
             */
            lines?: components["schemas"]["BuildLine"][];
            /** Name */
            name: string;
        };
        /**
         * BuildEdit
         * @description The whole build, with the trial version that it was read at.
         */
        BuildEdit: {
            build: components["schemas"]["Build"];
            /** Version */
            version: number;
        };
        /**
         * BuildLine
         * @description Target grams of a label from the shelf, or of another component by its name.
         *
         *     `id` is made by whoever adds the line and stays with it when it moves and when the trial is
         *     copied. `count` pieces stand beside the grams, and alone where no piece has been weighed; `how`
         *     tells where the grams are from. A line that is `off` stays in the list and counts nothing; a
         *     `locked` one is worth what it costs and is not the solver's to move; `until` is the cue of one
         *     that is poured until it is right; `stands_for` names lines of the original that it replaces.
         */
        BuildLine: {
            /** Component */
            component?: string | null;
            /** Count */
            count?: number | null;
            /**
             * How
             * @default
             */
            how?: string;
            /** Id */
            id: string;
            /** Label Id */
            label_id?: number | null;
            /** Least G */
            least_g?: number | null;
            /**
             * Locked
             * @default false
             */
            locked?: boolean;
            /** Most G */
            most_g?: number | null;
            /**
             * Off
             * @default false
             */
            off?: boolean;
            /**
             * Stands For
             * @default []
             */
            stands_for?: string[];
            /** Target G */
            target_g: number;
            /**
             * Until
             * @default
             */
            until?: string;
            /**
             * Why
             * @default
             */
            why?: string;
        };
        /**
         * BuildReport
         * @description All that can be said of a build: its figures, section, goals, checks, claims, contents.
         *
         *     `family` is the dish's family, chosen or guessed, and `family_reason` why it is taken for one;
         *     `family_else` what else its lines look like;
         *     `fat_keeps` is the least share of fat of those who keep some in a batter, None where fat is not
         *     judged; `uptakes` is how much of a component is usually eaten, where that is not all of it;
         *     `thick` are the components that are a powder with a liquid; `cost` is of one serving.
         */
        BuildReport: {
            /** Checks */
            checks: components["schemas"]["BuildCheck"][];
            /** Claims */
            claims: components["schemas"]["NutritionClaim"][];
            contains: components["schemas"]["Contains"];
            /** Cost */
            cost: number | null;
            /** Family */
            family: ("baked_cup" | "bite" | "blender_pancake" | "bowl" | "brownie" | "cake" | "coated" | "cookie" | "crepe" | "custard" | "dip" | "drink" | "egg" | "fries" | "frozen" | "fruit_bake" | "no_bake" | "pancake" | "pasta" | "patty" | "pizza" | "porridge" | "pot" | "roll" | "sandwich" | "set_base" | "soaked_bread" | "tray" | "waffle" | "wrap") | null;
            /** Family Else */
            family_else: ("baked_cup" | "bite" | "blender_pancake" | "bowl" | "brownie" | "cake" | "coated" | "cookie" | "crepe" | "custard" | "dip" | "drink" | "egg" | "fries" | "frozen" | "fruit_bake" | "no_bake" | "pancake" | "pasta" | "patty" | "pizza" | "porridge" | "pot" | "roll" | "sandwich" | "set_base" | "soaked_bread" | "tray" | "waffle" | "wrap")[];
            /** Family Reason */
            family_reason: string;
            /** Fat Keeps */
            fat_keeps: number | null;
            /** Goals */
            goals: components["schemas"]["GoalState"][];
            /** In The Way */
            in_the_way: components["schemas"]["InTheWay"][];
            /** Out Of Step */
            out_of_step: components["schemas"]["OutOfStep"][];
            result: components["schemas"]["Reckoning"];
            section: components["schemas"]["Section"];
            /** Thick */
            thick: components["schemas"]["MixtureThickness"][];
            /** Uptakes */
            uptakes: {
                [key: string]: components["schemas"]["UsuallyEaten"];
            };
        };
        /**
         * Candidate
         * @description A panel as it may become; null asks about the newest version.
         */
        Candidate: {
            label?: components["schemas"]["Label"] | null;
        };
        /**
         * Card
         * @description A batch as it was weighed: its figures with margins, the build in grams, the steps.
         *     `by_older_rules` is what a serving of it was before Gasket's rules changed, where that was
         *     another figure. `text` is the same as plain text.
         */
        Card: {
            as_planned: components["schemas"]["AsPlanned"];
            batch: components["schemas"]["Batch"];
            /** Batch Id */
            batch_id: number;
            behind: components["schemas"]["Behind"];
            by_older_rules: components["schemas"]["Before"] | null;
            /** Closed */
            closed: boolean;
            /** Dish */
            dish: string;
            /** Dish Id */
            dish_id: number;
            divided: components["schemas"]["DivisionOnCard"];
            eating: components["schemas"]["Eating"];
            /** Goals */
            goals: components["schemas"]["GoalState"][];
            /** Letter */
            letter: string;
            /** Lines */
            lines: components["schemas"]["CardLine"][];
            /**
             * Made At
             * Format: date-time
             */
            made_at: string;
            /**
             * Paper
             * @enum {string}
             */
            paper: "a4" | "letter";
            /** Photos */
            photos: components["schemas"]["Photo"][];
            result: components["schemas"]["Reckoning"];
            /** Steps */
            steps: components["schemas"]["CardStep"][];
            tasted: components["schemas"]["TasteOnCard"] | null;
            /** Text */
            text: string;
        };
        /**
         * CardLine
         * @description A line of the card: what went in, and what was planned.
         *
         *     `planned_name` is the food that was planned where another went in, `kcal_more` what that
         *     adds to a serving; `reason` why a line was skipped, `corrected` what it was before a
         *     correction, and why.
         */
        CardLine: {
            /** Component */
            component: string;
            /** Corrected */
            corrected: string;
            /** Cue */
            cue: string;
            /** Estimated */
            estimated: boolean;
            /** Grams */
            grams: number | null;
            /** Kcal More */
            kcal_more: number | null;
            /** Name */
            name: string;
            /** Planned */
            planned: boolean;
            /** Planned Name */
            planned_name: string | null;
            /** Reason */
            reason: string;
            /** Skipped */
            skipped: boolean;
            /** Target G */
            target_g: number;
        };
        /**
         * CardStep
         * @description A step as it is told, with what it took and what was measured.
         */
        CardStep: {
            /** After */
            after: number[];
            /** Detail */
            detail: string;
            /** Number */
            number: number;
            /** Says */
            says: string;
            /** Took */
            took: string;
        };
        /**
         * Carry
         * @description Without a `factor`, what the line was weighed at to its target is carried on.
         */
        Carry: {
            /** Factor */
            factor?: number | null;
            /** Id */
            id: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "carry";
            /** Line */
            line: number;
            /**
             * Note
             * @default
             */
            note?: string;
            /** @default scale */
            origin?: components["schemas"]["ReadingOrigin"];
            /**
             * Scope
             * @enum {string}
             */
            scope: "open" | "all";
            /** Seen */
            seen?: string | null;
        };
        /**
         * Cause
         * @description What may explain the gap between the mixture and its lines.
         */
        Cause: {
            /**
             * Code
             * @enum {string}
             */
            code: "forgotten" | "not_tared" | "bowl_counted" | "not_tipped_in" | "twice" | "residue" | "unknown";
            /** Says */
            says: string;
        };
        /**
         * Caution
         * @description Something to be careful with, in plain words, and who says so.
         */
        Caution: {
            /** Code */
            code: string;
            /** Says */
            says: string;
            /** Source */
            source: string;
        };
        /**
         * Change
         * @description One field before and after; None is unknown.
         */
        Change: {
            /** After */
            after: string | null;
            /** Before */
            before: string | null;
            /** Field */
            field: string;
        };
        /**
         * Choice
         * @description One way on. `to_target` takes the rest back or tops it up; the others accept what is there.
         *
         *     `factor` is what the other targets are multiplied by; None leaves them as they are.
         */
        Choice: {
            /** Factor */
            factor?: number | null;
            /**
             * Name
             * @enum {string}
             */
            name: "accept" | "to_target" | "carry_open" | "carry_all";
            /** Scope */
            scope?: ("open" | "all") | null;
        };
        /**
         * ChoiceEffect
         * @description A choice and one serving after it. `short` lines must be topped up again for it; `misses` are
         *     the goals that it does not meet.
         */
        ChoiceEffect: {
            choice: components["schemas"]["Choice"];
            /** Kcal */
            kcal: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Kcal Change */
            kcal_change: number | null;
            /** Misses */
            misses: components["schemas"]["GoalState"][];
            /** Protein G */
            protein_g: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Serving G */
            serving_g: number | null;
            /** Short */
            short: string[];
        };
        /**
         * Choices
         * @description `off_g` > 0: too much; < 0: too little.
         */
        Choices: {
            /** Line */
            line: number;
            /** Off G */
            off_g: number;
            /** Target G */
            target_g: number;
            /** Ways */
            ways: components["schemas"]["ChoiceEffect"][];
        };
        /**
         * Claim
         * @description One set of claimed figures. `servings` is how many the batch makes, or the pan is cut in.
         */
        Claim: {
            /** @default {} */
            batch?: components["schemas"]["Figures"];
            /**
             * Name
             * @default
             */
            name?: string;
            /** @default {} */
            serving?: components["schemas"]["Figures"];
            /** Servings */
            servings?: number | null;
        };
        /**
         * ClaimReport
         * @description Everything that was found, in the order of reading.
         */
        ClaimReport: {
            /** Checks */
            checks: components["schemas"]["EquationCheck"][];
            /** Questions */
            questions: string[];
            /** Ratios */
            ratios: components["schemas"]["HowManyOfTheirs"][];
            /** Repairs */
            repairs: components["schemas"]["Repair"][];
            /** Says */
            says: string;
            suspect: components["schemas"]["Repair"] | null;
            /**
             * Verdict
             * @enum {string}
             */
            verdict: "agrees" | "agrees with fibre" | "disagrees" | "too little";
        };
        /**
         * ClaimSheet
         * @description One claim, or several that share a pan or a base. The first is "theirs" for the ratios.
         */
        ClaimSheet: {
            /** Claims */
            claims: components["schemas"]["Claim"][];
            /**
             * Relation
             * @default apart
             * @enum {string}
             */
            relation?: "apart" | "same_pan" | "same_base";
        };
        /** ClaimText */
        ClaimText: {
            /** Text */
            text: string;
        };
        /**
         * ClosingReport
         * @description Everything worth a look before closing. `gap` waits for the mixture's weight.
         */
        ClosingReport: {
            /** Far */
            far: components["schemas"]["FarLine"][];
            /** Fills */
            fills: components["schemas"]["VesselFill"][];
            gap: components["schemas"]["MixtureGap"] | null;
            /** Open Lines */
            open_lines: string[];
            /** Skipped */
            skipped: components["schemas"]["SkippedLine"][];
            /** Unnamed */
            unnamed: number;
            /** Unweighed */
            unweighed: components["schemas"]["UnweighedLine"][];
        };
        /**
         * CodedSeat
         * @description What stands before a taster, from left to right; `chosen` is what was answered there.
         */
        CodedSeat: {
            /** Chosen */
            chosen: number | null;
            /** Codes */
            codes: number[];
            /** Number */
            number: number;
        };
        /**
         * Column
         * @description One serving cut open. `of_lines` is false where only the macronutrients are known.
         */
        Column: {
            /** Grams */
            grams: number | null;
            /** Layers */
            layers: components["schemas"]["Layer"][];
            /** Name */
            name: string;
            /** Of Lines */
            of_lines: boolean;
        };
        /**
         * Commit
         * @description Whether refused rows may be left out; otherwise they stop the import.
         */
        Commit: {
            /**
             * Leave Out Refused
             * @default false
             */
            leave_out_refused?: boolean;
        };
        /** ComparedLabel */
        ComparedLabel: {
            compared: components["schemas"]["LabelComparison"];
            /** Food */
            food: string;
            in_trial: components["schemas"]["InTrial"] | null;
            shelf_label: components["schemas"]["ShelfLabel"];
        };
        /**
         * ComparedOriginal
         * @description The original, what one of ours saves on it, and where its own energy sits.
         */
        ComparedOriginal: {
            at_equal_weight: components["schemas"]["AtEqualWeight"] | null;
            /** Carbohydrate G */
            carbohydrate_g?: number | null;
            /** Energy From */
            energy_from: {
                [key: string]: number;
            } | null;
            /** Fat G */
            fat_g?: number | null;
            /** Kcal */
            kcal?: number | null;
            /**
             * Name
             * @default
             */
            name?: string;
            /** Protein G */
            protein_g?: number | null;
            /** Saved Kcal */
            saved_kcal: number | null;
            /** Saved Kcal Likely */
            saved_kcal_likely: number[] | null;
            /** Saved Kcal Worst */
            saved_kcal_worst: number[] | null;
            /** Serving G */
            serving_g?: number | null;
        };
        /**
         * Comparison
         * @description Two to five packages. `trial_says` tells why a trial shows no differences, `states_say` that
         *     they are not weighed alike: raw beside cooked.
         */
        Comparison: {
            /** Currency */
            currency: string;
            /** Labels */
            labels: components["schemas"]["ComparedLabel"][];
            /**
             * States Say
             * @default
             */
            states_say?: string;
            /**
             * Trial Says
             * @default
             */
            trial_says?: string;
        };
        /**
         * Component
         * @description A bowl of its own: dough, frosting, topping. `made_g` is its weight when it was weighed;
         *     `leftover_estimate` the least and the most that is left of it, where nobody has weighed that.
         */
        Component: {
            /** Leftover Estimate */
            leftover_estimate?: number[] | null;
            /**
             * Leftover G
             * @default 0
             */
            leftover_g?: number;
            /**
             * Lines
             * @default []
             */
            lines?: components["schemas"]["Line"][];
            /** Made G */
            made_g?: number | null;
            /** Name */
            name: string;
            /**
             * Removed
             * @default []
             */
            removed?: components["schemas"]["FatPouredOff"][];
        };
        /**
         * Container
         * @description What stands on a scale: a `bowl` by its name, the `pack` that a `line` is taken out of, a cup
         *     `beside` the bowl of that name, or the `cups` that pieces are filled into.
         */
        Container: {
            /**
             * Kind
             * @default bowl
             * @enum {string}
             */
            kind?: "bowl" | "pack" | "beside" | "cups";
            /** Line */
            line?: number | null;
            /**
             * Name
             * @default
             */
            name?: string;
        };
        /**
         * Contains
         * @description What a dish holds by its labels. `unsaid` are packages that name no allergens at all and are
         *     of a kind that could hold some.
         */
        Contains: {
            /** Allergens */
            allergens: ("milk" | "egg" | "fish" | "crustaceans" | "tree_nuts" | "peanut" | "wheat" | "soy" | "sesame" | "gluten" | "celery" | "mustard" | "sulphites" | "lupin" | "molluscs")[];
            /** Flags */
            flags: ("raw_egg" | "raw_flour" | "raw_poultry" | "raw_ground_meat" | "raw_fish" | "aspartame" | "xylitol")[];
            /** May Contain */
            may_contain: ("milk" | "egg" | "fish" | "crustaceans" | "tree_nuts" | "peanut" | "wheat" | "soy" | "sesame" | "gluten" | "celery" | "mustard" | "sulphites" | "lupin" | "molluscs")[];
            /** Unsaid */
            unsaid: string[];
        };
        /**
         * CookDeed
         * @description What is sent to be logged; `id` is made by the sender, so that a retry is not a second one.
         *
         *     `step` is a step's id, or that of the record that set a timer. `minutes` is how long a timer
         *     runs, by how much it is extended, or a guess of how long it takes in all; `temperature_c` a
         *     core temperature held for `held_s`, `oven_c` what the oven really showed, `note` what was seen,
         *     why, or how it came out (an `Outcome`).
         */
        CookDeed: {
            deed: components["schemas"]["StepAct"];
            /**
             * Held S
             * @default 0
             */
            held_s?: number;
            /** Id */
            id: string;
            /** Minutes */
            minutes?: number | null;
            /**
             * Note
             * @default
             */
            note?: string;
            /** Oven C */
            oven_c?: number | null;
            /** Step */
            step?: string | null;
            /** Temperature C */
            temperature_c?: number | null;
            /** Undoes */
            undoes?: string | null;
        };
        /**
         * CookSchedule
         * @description The schedule. `late_min` is by how much it misses the time to eat; `lead` steps are those
         *     that have to be begun ahead; `proven` says that no order of the steps is ready sooner.
         */
        CookSchedule: {
            /**
             * Begin At
             * Format: date-time
             */
            begin_at: string;
            /** Eat At */
            eat_at: string | null;
            /** Hands On Min */
            hands_on_min: number;
            /** Late Min */
            late_min: number;
            /** Lead */
            lead: string[];
            /** Minutes */
            minutes: number;
            /** Proven */
            proven: boolean;
            /**
             * Ready At
             * Format: date-time
             */
            ready_at: string;
            /** Steps */
            steps: components["schemas"]["CookScheduleStep"][];
        };
        /**
         * CookScheduleStep
         * @description From when to when a step runs; `late` is how many minutes it was put off for the oven.
         */
        CookScheduleStep: {
            /**
             * End At
             * Format: date-time
             */
            end_at: string;
            /** Id */
            id: string;
            /**
             * Start At
             * Format: date-time
             */
            start_at: string;
        };
        /**
         * CookSheet
         * @description A cook as it stands. `laid` is the schedule from now on; `begun` freezes the steps, and
         *     `plan_changed` says that the trial's are others by now. `guesses` is how far minutes that were
         *     guessed have lain.
         */
        CookSheet: {
            /** Batch Id */
            batch_id: number;
            /** Begun */
            begun: boolean;
            /** Cautions */
            cautions: components["schemas"]["Caution"][];
            /** Fridge By */
            fridge_by: string | null;
            guesses: components["schemas"]["GuessHabit"] | null;
            laid: components["schemas"]["CookSchedule"] | null;
            /** Last Record */
            last_record: string | null;
            /**
             * Now
             * Format: date-time
             */
            now: string;
            /** Open Steps */
            open_steps: number;
            /** Plan Changed */
            plan_changed: boolean;
            /** Steps */
            steps: components["schemas"]["CookedStep"][];
        };
        /**
         * CookedStep
         * @description A step of a cook: as planned, as it stands, and what it must satisfy before it is done. `hot`
         *     steps are remembered, with how they came out.
         */
        CookedStep: {
            /** Actual Min */
            actual_min: number | null;
            /** Begun At */
            begun_at: string | null;
            /** Can Begin */
            can_begin: boolean;
            /** Done At */
            done_at: string | null;
            /** Due At */
            due_at: string | null;
            estimate: components["schemas"]["Estimate"];
            /** Extra Min */
            extra_min: number;
            /** Guess Min */
            guess_min: number | null;
            /** Hot */
            hot: boolean;
            knob: components["schemas"]["Knob"] | null;
            /** Looks */
            looks: components["schemas"]["Look"][];
            /** Measured */
            measured: components["schemas"]["CoreReading"][];
            /** Next Look At */
            next_look_at: string | null;
            /** Outcome */
            outcome: ("under" | "right" | "over") | null;
            /** Passed */
            passed: string | null;
            /** Reason */
            reason: string;
            rule: components["schemas"]["SafeRule"] | null;
            /** Safe */
            safe: boolean;
            status: components["schemas"]["StepStatus"];
            step: components["schemas"]["Step"];
        };
        /** CoreReading */
        CoreReading: {
            /**
             * At
             * Format: date-time
             */
            at: string;
            /** Enough */
            enough: boolean;
            /** Held S */
            held_s: number;
            /** Temperature C */
            temperature_c: number;
        };
        /**
         * Correction
         * @description What a line was before it was corrected: grams, and the food where that was another.
         */
        Correction: {
            /**
             * At
             * Format: date-time
             */
            at: string;
            /** Record Id */
            record_id: string;
            /** Was G */
            was_g: number | null;
            /** Was Name */
            was_name: string | null;
            /** Why */
            why: string;
        };
        /**
         * Credit
         * @description A trial's change against the trial that it was copied from.
         *
         *     `changes` is how many lines and steps changed: more than one share the credit. `by_quality` are
         *     the four marks apart. `notes` are what the comparison suffers from.
         */
        Credit: {
            /** By Quality */
            by_quality: {
                [key: string]: components["schemas"]["Difference"];
            };
            /** Changes */
            changes: number;
            /** Notes */
            notes: string[];
            overall: components["schemas"]["Difference"] | null;
            /** Says */
            says: string;
            /**
             * Told
             * @enum {string}
             */
            told: "helped" | "hurt" | "cannot_tell" | "untested";
        };
        /**
         * CupsOf
         * @description The codes of the cups that one sample goes into.
         */
        CupsOf: {
            /** Codes */
            codes: number[];
            /** Sample */
            sample: string;
        };
        /**
         * CutPieces
         * @description What the cut gives. Sizes are centimetres, across and along; None while the pan is not
         *     measured. `places` counts pieces by where they lie: corners crisp, middles stay soft.
         */
        CutPieces: {
            /** Across Cm */
            across_cm: number | null;
            /** Across In */
            across_in: number | null;
            /** Along Cm */
            along_cm: number | null;
            /** Along In */
            along_in: number | null;
            /** Area Cm2 */
            area_cm2: number | null;
            /** Pieces */
            pieces: number;
            /** Places */
            places: {
                [key: string]: number;
            };
        };
        /**
         * Difference
         * @description By how much one trial is marked above another, within tasters; `shared` tasted both.
         */
        Difference: {
            /** High */
            high: number | null;
            /** Low */
            low: number | null;
            /** Shared */
            shared: number;
            /** Value */
            value: number;
        };
        /**
         * DishCard
         * @description A dish on the Kitchen screen. `broken` says why it cannot be calculated.
         */
        DishCard: {
            /**
             * Broken
             * @default
             */
            broken?: string;
            /**
             * Goals
             * @default []
             */
            goals?: components["schemas"]["GoalState"][];
            /** Id */
            id: number;
            /** Kcal */
            kcal?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /**
             * Keeper
             * @default false
             */
            keeper?: boolean;
            /** Name */
            name: string;
            /**
             * Original
             * @default []
             */
            original?: components["schemas"]["Slice"][];
            /** Protein G */
            protein_g?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /**
             * Rebuild
             * @default []
             */
            rebuild?: components["schemas"]["Slice"][];
            /** Saved Kcal */
            saved_kcal?: number | null;
            /** Serving G */
            serving_g?: number | null;
            /**
             * Tags
             * @default []
             */
            tags?: string[];
            /**
             * Trial
             * @default
             */
            trial?: string;
            /** Trial Id */
            trial_id?: number | null;
            /**
             * Weighed
             * @default false
             */
            weighed?: boolean;
        };
        /**
         * DishName
         * @description A dish by its name, with the trial that it opens with.
         */
        DishName: {
            /** Id */
            id: number;
            /** Name */
            name: string;
            /** Trial */
            trial: string;
            /** Trial Id */
            trial_id: number;
        };
        /**
         * DishSheet
         * @description A dish with its original and its trials, newest last.
         *
         *     `original` is one serving as it is compared with; `typed` are the figures that were typed, and
         *     `original_trial` holds its ingredients; `opens` is the trial that it opens with.
         */
        DishSheet: {
            /** Archived */
            archived: boolean;
            /** Id */
            id: number;
            /** Name */
            name: string;
            /** Opens */
            opens: number | null;
            original: components["schemas"]["Original"];
            /**
             * Original From
             * @enum {string}
             */
            original_from: "figures" | "lines";
            /** Original Trial */
            original_trial: number | null;
            /** Reference */
            reference: ("muffin" | "pancakes" | "waffle" | "brownie" | "cookie" | "sweet_roll" | "heavy_cake" | "medium_cake" | "pie" | "sandwich" | "pudding" | "ice_cream" | "mixed_dish") | null;
            /** Source Note */
            source_note: string;
            /** Tags */
            tags: string[];
            /** Trials */
            trials: components["schemas"]["TrialSummary"][];
            typed: components["schemas"]["Original"];
            /** Version */
            version: number;
        };
        /**
         * Dismissal
         * @description A build check that the cook knows better about: quiet until it is further out than this.
         */
        Dismissal: {
            /** Code */
            code: string;
            /**
             * Component
             * @default
             */
            component?: string;
            /**
             * Note
             * @default
             */
            note?: string;
            /** Value */
            value?: number | null;
        };
        /**
         * Dividing
         * @description One way to divide. `count` equal pieces (by eye or filled at the scale, in `two_pass`es),
         *     scoops of `fill_g`, a `cut` pan, or servings of `serving_g` taken by weight at the table.
         *
         *     A serving is `serving_pieces` pieces. With `weighed_cooked` nothing is filled: each piece is
         *     weighed as it came out of the oven.
         */
        Dividing: {
            cut?: components["schemas"]["PanCut"] | null;
            /** Fill G */
            fill_g?: number | null;
            /**
             * Pieces
             * @default 1
             */
            pieces?: number;
            /** Serving G */
            serving_g?: number | null;
            /**
             * Serving Pieces
             * @default 1
             */
            serving_pieces?: number;
            /**
             * Two Pass
             * @default false
             */
            two_pass?: boolean;
            /**
             * Way
             * @default count
             * @enum {string}
             */
            way?: "count" | "scoop" | "cut" | "grams";
            /**
             * Weighed Cooked
             * @default false
             */
            weighed_cooked?: boolean;
        };
        /**
         * DivisionOnCard
         * @description What one serving is: `words` says it, `plated` is one with a finish, `spread` how far pieces
         *     differ, `cooked` what the heat left of the batch.
         */
        DivisionOnCard: {
            cooked: components["schemas"]["Yield"] | null;
            /** Pieces */
            pieces: number;
            /** Plated */
            plated: components["schemas"]["PlateWithFinish"][];
            /** Servings */
            servings: number | null;
            spread: components["schemas"]["Spread"];
            /** Words */
            words: string;
        };
        /**
         * EatenShare
         * @description The least and the most of a component that is eaten, as shares of it.
         */
        EatenShare: {
            /** Least */
            least: number;
            /** Most */
            most: number;
        };
        /**
         * Eating
         * @description What to know before eating it. `passed`: temperatures that were not measured, and why;
         *     `late` what is put on at the last.
         */
        Eating: {
            /** Cautions */
            cautions: components["schemas"]["Caution"][];
            contains: components["schemas"]["Contains"];
            /** Keeps */
            keeps: components["schemas"]["Keeps"][];
            /**
             * Keeps Until
             * Format: date
             */
            keeps_until: string;
            /** Late */
            late: string;
            /** Passed */
            passed: string[];
            /** Reheat */
            reheat: string;
            /** Reheat Ways */
            reheat_ways: string[];
            warmed: components["schemas"]["LastWarming"] | null;
        };
        /**
         * Effect
         * @description What a change does to one serving; None is unknown.
         */
        Effect: {
            /** Carbohydrate G */
            carbohydrate_g: number | null;
            /** Cost */
            cost: number | null;
            /** Fat G */
            fat_g: number | null;
            /** Fibre G */
            fibre_g: number | null;
            /** Kcal */
            kcal: number | null;
            /** Protein G */
            protein_g: number | null;
            /** Sweetness G */
            sweetness_g: number | null;
            /** Water G */
            water_g: number | null;
        };
        /**
         * EnergyByMethod
         * @description kcal per label basis by one method, with the interval that rounding leaves open, and unsaid
         *     fibre.
         */
        EnergyByMethod: {
            /** Agrees */
            agrees: boolean | null;
            /** Hi */
            hi: number | null;
            /** Kcal */
            kcal: number | null;
            /** Lawful */
            lawful: boolean;
            /** Lo */
            lo: number | null;
            /**
             * Method
             * @enum {string}
             */
            method: "labelled" | "us" | "us_449" | "eu";
            /** Name */
            name: string;
        };
        /**
         * Entry
         * @description What a line says. Several quantities add up; `each` is the size of one pack or piece;
         *     `also` is the same amount said another way in brackets; `otherwise` is what the digits could
         *     mean as well ("1 200 g" read as one of 200 g could be 1,200 g). `unread` is what the note says
         *     beside how the food is prepared: it may mean another food, or more of it.
         */
        Entry: {
            also?: components["schemas"]["Quantity"] | null;
            /**
             * Bought
             * @default
             * @enum {string}
             */
            bought?: "" | "as bought" | "edible";
            each?: components["schemas"]["Quantity"] | null;
            /** Food */
            food: string;
            /**
             * Note
             * @default
             */
            note?: string;
            /**
             * Optional
             * @default false
             */
            optional?: boolean;
            otherwise?: components["schemas"]["Quantity"] | null;
            /**
             * Part
             * @default
             * @enum {string}
             */
            part?: "" | "juice" | "zest" | "juice and zest";
            /**
             * Protein Said
             * @default false
             */
            protein_said?: boolean;
            /**
             * Quantities
             * @default []
             */
            quantities?: components["schemas"]["Quantity"][];
            /**
             * States
             * @default []
             */
            states?: string[];
            /**
             * To Taste
             * @default false
             */
            to_taste?: boolean;
            /**
             * Unread
             * @default
             */
            unread?: string;
        };
        /**
         * EquationCheck
         * @description One equation: what was stated, what the rest makes of it, and whether they meet.
         */
        EquationCheck: {
            /** Agrees */
            agrees: boolean;
            /** Claims */
            claims: number[];
            /** Figure */
            figure: string;
            /**
             * Kind
             * @enum {string}
             */
            kind: "energy" | "servings" | "same_pan" | "finish";
            /**
             * Part
             * @enum {string}
             */
            part: "serving" | "batch";
            /** Reckoned */
            reckoned: number;
            /** Reckoned Hi */
            reckoned_hi: number;
            /** Reckoned Lo */
            reckoned_lo: number;
            /** Says */
            says: string;
            /** Stated */
            stated: number;
        };
        /**
         * Estimate
         * @description How long a step will take: most likely, and from least to most in 19 of 20 cases.
         *
         *     `ratio` is what memory makes of the stated time; `bakes` is the evidence, nearest first;
         *     `held` says that a rule of safety kept the estimate from moving, `size` for how much the time
         *     was stated and what there is.
         */
        Estimate: {
            /** Bakes */
            bakes: components["schemas"]["TimedBake"][];
            /** First Look Min */
            first_look_min: number;
            /** Held */
            held: string;
            /** Least Min */
            least_min: number;
            /** Looks Min */
            looks_min: number[];
            /** Minutes */
            minutes: number;
            /** Most Min */
            most_min: number;
            /** Ratio */
            ratio: number;
            size: components["schemas"]["TimeScaling"];
        };
        /**
         * Facts
         * @description What something holds. None is unknown.
         */
        Facts: {
            /** Calcium Mg */
            calcium_mg?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Carbohydrate G */
            carbohydrate_g?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Cholesterol Mg */
            cholesterol_mg?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Fat G */
            fat_g?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Fibre G */
            fibre_g?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Iron Mg */
            iron_mg?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Kcal */
            kcal?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Net Carbohydrate G */
            net_carbohydrate_g?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Polyols G */
            polyols_g?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Potassium Mg */
            potassium_mg?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Protein G */
            protein_g?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Saturated G */
            saturated_g?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Sodium Mg */
            sodium_mg?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Sugars G */
            sugars_g?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
        };
        /**
         * FarLine
         * @description A line whose weight is more than a tenth off its target.
         */
        FarLine: {
            /** Key */
            key?: string | null;
            /** Name */
            name: string;
            /** Net G */
            net_g: number;
            /** Off */
            off: number;
            /** Target G */
            target_g: number;
        };
        /**
         * FatPouredOff
         * @description Fat poured off: `fat_g` of fat, `grams` off the weight (the rest of it is water).
         */
        FatPouredOff: {
            /** Fat G */
            fat_g: number;
            /** Grams */
            grams?: number | null;
        };
        /**
         * Fault
         * @description One thing that is wrong, at one place. `path` reads like `components[0].lines[2].grams`.
         */
        Fault: {
            /** Message */
            message: string;
            /** Path */
            path: string;
        };
        /**
         * Figure
         * @description A known figure, unrounded.
         */
        Figure: {
            /** Likely */
            likely: number[];
            /** Value */
            value: number;
            /** Worst */
            worst: number[];
        };
        /**
         * FigureDifference
         * @description One figure of a serving, before and after; None is unknown.
         */
        FigureDifference: {
            /** After */
            after: number | null;
            /** Before */
            before: number | null;
            /**
             * Nutrient
             * @enum {string}
             */
            nutrient: "kcal" | "protein_g" | "carbohydrate_g" | "net_carbohydrate_g" | "sugars_g" | "polyols_g" | "fat_g" | "saturated_g" | "fibre_g" | "sodium_mg" | "cholesterol_mg" | "calcium_mg" | "iron_mg" | "potassium_mg";
        };
        /**
         * Figures
         * @description What is claimed of one serving or of the whole batch; None is not claimed.
         */
        Figures: {
            /** Carbohydrate G */
            carbohydrate_g?: number | null;
            /** Fat G */
            fat_g?: number | null;
            /** Fibre G */
            fibre_g?: number | null;
            /** Grams */
            grams?: number | null;
            /** Kcal */
            kcal?: number | null;
            /** Polyols G */
            polyols_g?: number | null;
            /** Protein G */
            protein_g?: number | null;
        };
        /**
         * FilledPiece
         * @description A piece as it was filled; an odd one is kept as it is.
         */
        FilledPiece: {
            /** Net G */
            net_g: number;
            /** Odd */
            odd: boolean;
            /** Piece */
            piece: number;
            /** Record Id */
            record_id: string;
            /** Topped Up */
            topped_up: boolean;
        };
        /**
         * Finding
         * @description `where` is a path in the batch file, such as `labels.flour` or `mixture_g`.
         */
        Finding: {
            /** Code */
            code: string;
            /** Message */
            message: string;
            /**
             * Severity
             * @enum {string}
             */
            severity: "note" | "warning";
            /** Where */
            where: string;
        };
        /**
         * Finish
         * @description What is added to one serving at the plate, for whom (a side dish is one, too).
         */
        Finish: {
            /**
             * Eater
             * @default
             */
            eater?: string;
            /** Id */
            id: string;
            /**
             * Lines
             * @default []
             */
            lines?: components["schemas"]["PlateLine"][];
            /** Name */
            name: string;
        };
        /**
         * FinishLine
         * @description What is added to one serving at the plate.
         */
        FinishLine: {
            /**
             * Division G
             * @default 1
             */
            division_g?: number;
            /** Estimate */
            estimate?: number[] | null;
            /** Grams */
            grams: number;
            /** Label */
            label: string;
        };
        /**
         * FinishesEdit
         * @description All finishes of a batch, with the batch version that they were read at.
         */
        FinishesEdit: {
            /** Finishes */
            finishes: components["schemas"]["Finish"][];
            /** Version */
            version: number;
        };
        /**
         * FoodChoice
         * @description A line as it was typed, and the package that the cook chose for it.
         */
        FoodChoice: {
            /** Label Id */
            label_id: number;
            /** Text */
            text: string;
        };
        /** FoodChoices */
        FoodChoices: {
            /** Choices */
            choices: components["schemas"]["FoodChoice"][];
        };
        /**
         * FoodEdit
         * @description A food's name and facts, with the version that they were read at.
         */
        FoodEdit: {
            /**
             * @default {
             *       "aliases": [],
             *       "buy_rule": "",
             *       "density_origin": "typical",
             *       "measures": []
             *     }
             */
            facts?: components["schemas"]["FoodFacts"];
            /** Name */
            name: string;
            /** Version */
            version: number;
        };
        /**
         * FoodFacts
         * @description What is known of a food whatever its package.
         */
        FoodFacts: {
            /**
             * Aliases
             * @default []
             */
            aliases?: string[];
            /**
             * Buy Rule
             * @default
             */
            buy_rule?: string;
            /** Density G Per Ml */
            density_g_per_ml?: number | null;
            /**
             * Density Origin
             * @default typical
             * @enum {string}
             */
            density_origin?: "weighed" | "label" | "typical";
            /** Drained Share */
            drained_share?: number | null;
            /** Kind */
            kind?: ("flour" | "oat_flour" | "oats" | "nut_flour" | "coconut_flour" | "starch" | "self_raising_flour" | "mix" | "fibre" | "cocoa" | "whey_powder" | "protein_blend" | "plant_protein" | "collagen" | "milk_powder" | "sugar" | "brown_sugar" | "powdered_sugar" | "syrup" | "jam" | "sprinkles" | "confection" | "sweetener" | "brown_sweetener" | "powdered_sweetener" | "intense_sweetener" | "butter" | "spread" | "oil" | "oil_spray" | "mayonnaise" | "nut_butter" | "peanut_powder" | "nuts" | "seeds" | "chocolate" | "protein_bar" | "egg" | "egg_white" | "egg_yolk" | "egg_replacer" | "cream_cheese" | "cream" | "thick_yogurt" | "cottage_cheese" | "plant_yogurt" | "cheese" | "plant_cheese" | "milk" | "plant_milk" | "creamer" | "ice_cream" | "mince" | "poultry_mince" | "poultry" | "cured_meat" | "deli_meat" | "jerky" | "meat" | "fish" | "plant_meat" | "tofu" | "legumes" | "bread" | "wrap" | "pasta" | "noodle" | "rice" | "potato" | "crumbs" | "cereal" | "wafer" | "cookie" | "snack" | "pie_crust" | "fruit" | "dried_fruit" | "puree" | "juice" | "vegetable" | "baking_powder" | "baking_soda" | "yeast" | "gum" | "gelatine" | "pudding_mix" | "whipped_topping" | "salt" | "spice" | "seasoning_blend" | "savoury_dust" | "flavouring" | "coffee" | "acid" | "sauce" | "dressing" | "dip" | "stock" | "alcohol" | "soft_drink" | "water" | "other") | null;
            /**
             * Measures
             * @default []
             */
            measures?: components["schemas"]["Measure"][];
            /** Refuse Share */
            refuse_share?: number | null;
        };
        /** FoodItem */
        FoodItem: {
            /** Aliases */
            aliases: string[];
            /** Id */
            id: number;
            /** Labels */
            labels: components["schemas"]["ItemLabel"][];
            /** Name */
            name: string;
            /** Recent */
            recent: boolean;
            /** Typical */
            typical: boolean;
        };
        /**
         * FoodPage
         * @description A page of foods, how many there are in all, and how loosely the words were found. `sure` when
         *     the first is called what was typed.
         */
        FoodPage: {
            /** Foods */
            foods: components["schemas"]["FoodItem"][];
            /**
             * How
             * @enum {string}
             */
            how: "words" | "spelling" | "some words";
            /** Sure */
            sure: boolean;
            /** Total */
            total: number;
        };
        /**
         * FoodUsed
         * @description What went in is this food. The revision of it that was current is kept in `revision_id`.
         */
        FoodUsed: {
            /** Id */
            id: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "food";
            /** Label Id */
            label_id: number;
            /** Line */
            line: number;
            /**
             * Note
             * @default
             */
            note?: string;
            /** @default scale */
            origin?: components["schemas"]["ReadingOrigin"];
            /** Revision Id */
            revision_id?: number | null;
            /** Seen */
            seen?: string | null;
        };
        /**
         * ForgottenStep
         * @description A step of the family that is easy to forget and is not there; `text` is what to add.
         */
        ForgottenStep: {
            /** Must */
            must: string;
            /** Says */
            says: string;
            /** Text */
            text: string;
        };
        /**
         * FullnessAnswer
         * @description What is sent: how full it still is, or that it is asked later, or never again.
         */
        FullnessAnswer: {
            /**
             * After H
             * @enum {integer}
             */
            after_h: 1 | 3;
            /**
             * Answer
             * @enum {string}
             */
            answer: "mark" | "later" | "never";
            /** Id */
            id: string;
            /** Mark */
            mark?: string | null;
        };
        /**
         * FullnessQuestion
         * @description A taster to be asked how full it still is.
         */
        FullnessQuestion: {
            /** After H */
            after_h: number;
            /** Batch Id */
            batch_id: number | null;
            /** Dish */
            dish: string;
            /** Dish Id */
            dish_id: number;
            /** Letter */
            letter: string;
            /**
             * Since
             * Format: date-time
             */
            since: string;
            /** Taster */
            taster: string;
            /** Tasting */
            tasting: string;
        };
        /**
         * Goal
         * @description Limits for one serving. Shares of energy are in percent.
         *
         *     `ratio_means` says which carbohydrate the ratio to protein is about.
         */
        Goal: {
            /** @default {} */
            bowls?: components["schemas"]["Limits"];
            /** @default {} */
            carbohydrate_g?: components["schemas"]["Limits"];
            /** @default {} */
            carbohydrate_per_protein?: components["schemas"]["Limits"];
            /** @default {} */
            cost?: components["schemas"]["Limits"];
            /**
             * @description percent
             * @default {}
             */
            fat_energy?: components["schemas"]["Limits"];
            /** @default {} */
            fat_g?: components["schemas"]["Limits"];
            /** @default {} */
            fibre_g?: components["schemas"]["Limits"];
            /** @default {} */
            hands_on_min?: components["schemas"]["Limits"];
            /** @default {} */
            kcal?: components["schemas"]["Limits"];
            /** @default {} */
            net_carbohydrate_g?: components["schemas"]["Limits"];
            /**
             * @description percent
             * @default {}
             */
            protein_energy?: components["schemas"]["Limits"];
            /** @default {} */
            protein_g?: components["schemas"]["Limits"];
            /**
             * Ratio Means
             * @default total
             * @enum {string}
             */
            ratio_means?: "total" | "net";
            /** @default {} */
            serving_g?: components["schemas"]["Limits"];
        };
        /**
         * GoalAnswer
         * @description Up to three proposals; when nothing fits, what collides and the closest build.
         *
         *     `kept` names the bands that the proposals keep. `free` is how many lines could move.
         */
        GoalAnswer: {
            /** Collides */
            collides: string[];
            /** Free */
            free: number;
            /** Kept */
            kept: string[];
            /** Prices */
            prices: components["schemas"]["Price"][];
            /** Proposals */
            proposals: components["schemas"]["Proposal"][];
            /** Swaps */
            swaps: number;
        };
        /**
         * GoalReached
         * @description The solver's answer, its proposals as builds, and the labels that would come in.
         */
        GoalReached: {
            /** Labels */
            labels: {
                [key: string]: components["schemas"]["ShelfLabel"];
            };
            /** Proposals */
            proposals: components["schemas"]["WorkedProposal"][];
            reached: components["schemas"]["GoalAnswer"];
        };
        /**
         * GoalState
         * @description One goal beside what the trial comes to.
         *
         *     `within_margin` is met by the value while the likely margin crosses the limit. `by` is how far
         *     the value is outside, 0 when it is inside.
         */
        GoalState: {
            /** By */
            by: number;
            /**
             * Key
             * @enum {string}
             */
            key: "kcal" | "protein_g" | "carbohydrate_g" | "net_carbohydrate_g" | "fat_g" | "fibre_g" | "serving_g" | "carbohydrate_per_protein" | "fat_energy" | "protein_energy" | "cost" | "hands_on_min" | "bowls";
            /** Least */
            least: number | null;
            /** Most */
            most: number | null;
            /** Name */
            name: string;
            /** Soft */
            soft: boolean;
            /** Unit */
            unit: string;
            /** Value */
            value: number | null;
            /**
             * Verdict
             * @enum {string}
             */
            verdict: "met" | "within_margin" | "missed" | "unknown";
        };
        /**
         * GoalWanted
         * @description An unsaved build whose goal is to be reached, with or without swaps.
         */
        GoalWanted: {
            build: components["schemas"]["Build"];
            /**
             * Swaps
             * @default true
             */
            swaps?: boolean;
        };
        /** GramsOfLabel */
        GramsOfLabel: {
            /** Grams */
            grams: number;
        };
        /**
         * Guess
         * @description A guess and what it turned out to be, in kcal or grams of a serving, or minutes of a step.
         */
        Guess: {
            /** Guess */
            guess: number;
            /**
             * Of
             * @enum {string}
             */
            of: "kcal" | "grams" | "minutes";
            /** Truth */
            truth: number;
        };
        /**
         * GuessHabit
         * @description `leans` is the middle guess's error, `within` the size that half of them stay within.
         */
        GuessHabit: {
            /** Guesses */
            guesses: number;
            /** Leans */
            leans: number;
            /**
             * Of
             * @enum {string}
             */
            of: "kcal" | "grams" | "minutes";
            /** Says */
            says: string;
            /** Within */
            within: number;
        };
        /** HandsFree */
        HandsFree: {
            /** On */
            on: boolean;
        };
        /** Health */
        Health: {
            /** Demo */
            demo: boolean;
            /** Status */
            status: string;
            /** Version */
            version: string;
        };
        /**
         * HiddenByZero
         * @description What a printed 0 could hide per 100 g.
         */
        HiddenByZero: {
            /** Field */
            field: string;
            /** Per 100G */
            per_100g: number;
        };
        /**
         * History
         * @description The trials of a dish, newest first. `scatter` is how far one taster's mark of a trial strays
         *     (a standard deviation), `opens` the trial that the dish opens with; `rich` is what the lines of
         *     that trial buy.
         */
        History: {
            /** Dish */
            dish: string;
            /** Dish Id */
            dish_id: number;
            /** Opens */
            opens: number | null;
            original: components["schemas"]["OriginalEntry"];
            /** Rich */
            rich: components["schemas"]["Richness"][];
            /** Scatter */
            scatter: number | null;
            /** Tasters */
            tasters: number;
            /** Trials */
            trials: components["schemas"]["TrialEntry"][];
        };
        /**
         * HoldTime
         * @description A core temperature that is enough when held for so long.
         */
        HoldTime: {
            /** Seconds */
            seconds: number;
            /** Temperature C */
            temperature_c: number;
        };
        /**
         * HouseSettings
         * @description One set for the whole house, with the version that it was read at. `own_ratios` are grams of
         *     liquid for a gram of powder, by mixture and thickness ("peanut/dip").
         */
        HouseSettings: {
            /**
             * Allergens
             * @default eu
             * @enum {string}
             */
            allergens?: "us" | "eu";
            /**
             * Carbohydrate
             * @default total
             * @enum {string}
             */
            carbohydrate?: "total" | "net";
            /**
             * Currency
             * @default €
             */
            currency?: string;
            /**
             * Degrees
             * @default C
             * @enum {string}
             */
            degrees?: "C" | "F";
            /**
             * Energy
             * @default labelled
             * @enum {string}
             */
            energy?: "labelled" | "us" | "us_449" | "eu";
            /**
             * Erythritol Kcal Per G
             * @default 0
             */
            erythritol_kcal_per_g?: number;
            /** @default us */
            household?: components["schemas"]["HouseholdSystem"];
            /**
             * Label Style
             * @default eu
             * @enum {string}
             */
            label_style?: "us" | "eu";
            /**
             * Microwave W
             * @default 900
             */
            microwave_w?: number;
            /** Own Ratios */
            own_ratios?: {
                [key: string]: number;
            };
            /**
             * Paper
             * @default a4
             * @enum {string}
             */
            paper?: "a4" | "letter";
            /**
             * Residue
             * @default counted
             * @enum {string}
             */
            residue?: "counted" | "left";
            /**
             * Safety
             * @default us
             * @enum {string}
             */
            safety?: "us" | "uk";
            /**
             * Scales
             * @default [
             *       {
             *         "capacity_g": 5000,
             *         "division_g": 1,
             *         "name": "kitchen scale",
             *         "place": "simulated"
             *       }
             *     ]
             */
            scales?: components["schemas"]["ScaleSpec"][];
            /**
             * Tools Missing
             * @default []
             */
            tools_missing?: string[];
            /**
             * Version
             * @default 1
             */
            version?: number;
            /**
             * Vessels
             * @default []
             */
            vessels?: components["schemas"]["Vessel"][];
            /**
             * @default {
             *       "likeness": 2,
             *       "look": 1,
             *       "taste": 4,
             *       "texture": 3
             *     }
             */
            weights?: components["schemas"]["Weights"];
        };
        /**
         * HouseholdSystem
         * @description Whose cups and spoons a recipe means.
         * @enum {string}
         */
        HouseholdSystem: "us" | "us_label" | "metric" | "uk" | "au";
        /**
         * HowManyOfTheirs
         * @description How many of mine for one of theirs, by one figure.
         */
        HowManyOfTheirs: {
            /** Claim */
            claim: number;
            /** Figure */
            figure: string;
            /** Times */
            times: number;
        };
        /** ImportRows */
        ImportRows: {
            /** Rows */
            rows: components["schemas"]["RowFate"][];
            /** Total */
            total: number;
        };
        /**
         * ImportState
         * @description How far an import is. Nothing is written before `writing`, and nothing of it if it fails.
         */
        ImportState: {
            /** Counts */
            counts: {
                [key: string]: number;
            };
            /** Done */
            done: number;
            /** File */
            file: string;
            /** Id */
            id: string;
            /** Says */
            says: string;
            /**
             * Stage
             * @enum {string}
             */
            stage: "reading" | "ready" | "writing" | "done" | "failed";
            /** Total */
            total: number;
            /** Unknown Columns */
            unknown_columns: string[];
        };
        /**
         * InStock
         * @description What of a batch is put away, what one serving of it holds, how it gets warm again.
         */
        InStock: {
            /** Batch Id */
            batch_id: number;
            /** Dish */
            dish: string;
            /** Dish Id */
            dish_id: number;
            /** Kcal */
            kcal: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Letter */
            letter: string;
            /** Lots */
            lots: components["schemas"]["ShelfLot"][];
            /**
             * Made At
             * Format: date-time
             */
            made_at: string;
            /** Reheat */
            reheat: string;
            /** Reheat Ways */
            reheat_ways: string[];
            /** Serving G */
            serving_g: number | null;
            warmed: components["schemas"]["LastWarming"] | null;
        };
        /**
         * InTheWay
         * @description A line that a need rules out, or one whose package does not say enough.
         */
        InTheWay: {
            /** Certain */
            certain: boolean;
            /** Line Id */
            line_id: string;
            /** Name */
            name: string;
            /**
             * Need
             * @enum {string}
             */
            need: "vegan" | "no_protein_powder" | "gluten_free" | "nut_free";
            /** Says */
            says: string;
        };
        /**
         * InTrial
         * @description One serving of a trial with this package in its lines, less the trial as it stands.
         */
        InTrial: {
            /** Cost Difference */
            cost_difference: number | null;
            /** Difference */
            difference: {
                [key: string]: number | null;
            };
            /** Uses It */
            uses_it: boolean;
        };
        /** IntentEdit */
        IntentEdit: {
            /** Intent */
            intent: string;
        };
        /**
         * ItemLabel
         * @description A package in a list: what a cook chooses by. None is unknown.
         */
        ItemLabel: {
            /** Id */
            id: number;
            /** Kcal Per 100G */
            kcal_per_100g: number | null;
            /** Name */
            name: string;
            /** Protein Per 100G */
            protein_per_100g: number | null;
            /** Typical */
            typical: boolean;
        };
        /**
         * KeepAs
         * @description Under what name a batch, or one component of it, goes on the shelf.
         */
        KeepAs: {
            /** Component */
            component?: string | null;
            /** Name */
            name: string;
        };
        /**
         * Keeper
         * @description A keeper with its place in the order; `unbeaten` on which plots no other keeper beats it.
         */
        Keeper: {
            /** Batch Id */
            batch_id: number | null;
            /** Dish */
            dish: string;
            /** Dish Id */
            dish_id: number;
            /** Figures */
            figures: {
                [key: string]: number | null;
            };
            /** Letter */
            letter: string;
            rank: components["schemas"]["Rank"];
            /** Tasters */
            tasters: number;
            /** Trial Id */
            trial_id: number;
            /** Unbeaten */
            unbeaten: ("kcal" | "protein_g" | "cost" | "minutes")[];
        };
        /**
         * KeeperRanking
         * @description The keepers, best first; `total` where there are more than are ranked.
         */
        KeeperRanking: {
            /** Keepers */
            keepers: components["schemas"]["Keeper"][];
            /** Total */
            total: number;
            weights: components["schemas"]["RankWeights"];
        };
        /**
         * Keeps
         * @description Days from least to most in one place, and who says so.
         */
        Keeps: {
            /** Least Days */
            least_days: number;
            /** Most Days */
            most_days: number;
            /**
             * Place
             * @enum {string}
             */
            place: "fridge" | "freezer";
            /**
             * Says
             * @enum {string}
             */
            says: "us" | "uk" | "habit";
            /** Source */
            source: string;
            /** Text */
            text: string;
        };
        /**
         * KeySeat
         * @description What it was, once the test has ended.
         */
        KeySeat: {
            /** Number */
            number: number;
            /** Samples */
            samples: string[];
        };
        /**
         * KitchenView
         * @description A page of dishes, what is going on, what waits for a verdict, who is to be asked how full it
         *     still is. `total` is how many dishes there are to page through,
         *     `archived` how many are out of the way, `tags` are those of all dishes that are not.
         */
        KitchenView: {
            /** Archived */
            archived: number;
            /** Dishes */
            dishes: components["schemas"]["DishCard"][];
            /** Fullness */
            fullness: components["schemas"]["FullnessQuestion"][];
            /** Open Cooks */
            open_cooks: components["schemas"]["OpenCook"][];
            /** Open Weigh Ins */
            open_weigh_ins: components["schemas"]["OpenWeighIn"][];
            /** Tags */
            tags: string[];
            /** Total */
            total: number;
            unjudged: components["schemas"]["WaitingForVerdict"];
        };
        /**
         * Knob
         * @description What to turn the knob to, in whole steps of 5: conventional and fan, °C and °F.
         */
        Knob: {
            /** Conventional C */
            conventional_c: number;
            /** Conventional F */
            conventional_f: number;
            /** Fan C */
            fan_c: number;
            /** Fan F */
            fan_f: number;
        };
        /**
         * Label
         * @description Figures as printed, for a basis. None is unknown, but for those that absent mean none.
         *
         *     `basis_g`, `basis_ml` and `basis_pieces` are three ways of saying the same basis; at least one
         *     is given. `below` names figures printed as "less than" ("<1 g"): the figure is then the bound.
         */
        Label: {
            /** Added Sugars G */
            added_sugars_g?: number | null;
            /** Alcohol G */
            alcohol_g?: number | null;
            /** Allulose G */
            allulose_g?: number | null;
            /** Basis G */
            basis_g?: number | null;
            /** Basis Ml */
            basis_ml?: number | null;
            /** Basis Pieces */
            basis_pieces?: number | null;
            /**
             * Below
             * @default []
             */
            below?: string[];
            /** Calcium Mg */
            calcium_mg?: number | null;
            /** Carbohydrate G */
            carbohydrate_g?: number | null;
            /** Cholesterol Mg */
            cholesterol_mg?: number | null;
            /** Density G Per Ml */
            density_g_per_ml?: number | null;
            /** Fat G */
            fat_g?: number | null;
            /** Fibre G */
            fibre_g?: number | null;
            /** Iron Mg */
            iron_mg?: number | null;
            /** Kcal */
            kcal?: number | null;
            /** Kj */
            kj?: number | null;
            /**
             * Name
             * @default
             */
            name?: string;
            /** Organic Acids G */
            organic_acids_g?: number | null;
            /**
             * Piece
             * @default
             */
            piece?: string;
            /** Polyol */
            polyol?: ("erythritol" | "xylitol" | "maltitol" | "sorbitol" | "mannitol" | "isomalt" | "lactitol" | "hsh") | null;
            /** Polyols G */
            polyols_g?: number | null;
            /** Potassium Mg */
            potassium_mg?: number | null;
            /** Protein G */
            protein_g?: number | null;
            /** Salt G */
            salt_g?: number | null;
            /** Saturated G */
            saturated_g?: number | null;
            /** Sodium Mg */
            sodium_mg?: number | null;
            /** Soluble Fibre G */
            soluble_fibre_g?: number | null;
            /** Spread */
            spread?: number | null;
            /**
             * Style
             * @enum {string}
             */
            style: "us" | "eu" | "table";
            /** Sugars G */
            sugars_g?: number | null;
        };
        /**
         * LabelComparison
         * @description One label on every base that its figures allow; None where something is unknown.
         */
        LabelComparison: {
            per_100g: components["schemas"]["LabelOnBase"] | null;
            per_100kcal: components["schemas"]["LabelOnBase"] | null;
            per_30g_protein: components["schemas"]["LabelOnBase"] | null;
            per_price: components["schemas"]["LabelOnBase"] | null;
        };
        /**
         * LabelEdit
         * @description A changed package, with the version that it was read at.
         */
        LabelEdit: {
            label: components["schemas"]["Label"];
            /**
             * @default {
             *       "allergens": [],
             *       "does": [],
             *       "flags": [],
             *       "made_part": "",
             *       "may_contain": [],
             *       "note": ""
             *     }
             */
            package?: components["schemas"]["Package"];
            /** Version */
            version: number;
        };
        /**
         * LabelOnBase
         * @description One label on one base. Grams and price are what that much of it weighs and costs.
         */
        LabelOnBase: {
            figures: components["schemas"]["Facts"];
            /** Grams */
            grams: number | null;
            /** Price */
            price: number | null;
        };
        /**
         * LastWarming
         * @description How the dish came out when it was last warmed up.
         */
        LastWarming: {
            /**
             * At
             * Format: date-time
             */
            at: string;
            /** Says */
            says: string;
        };
        /**
         * Layer
         * @description One ingredient of a serving; None is unknown. `balloon` is its number in the list.
         */
        Layer: {
            /** Balloon */
            balloon: number | null;
            /** Carbohydrate G */
            carbohydrate_g: number | null;
            /** Cost */
            cost: number | null;
            /** Fat G */
            fat_g: number | null;
            /** Grams */
            grams: number | null;
            /** Kcal */
            kcal: number | null;
            /** Key */
            key: string;
            /** Line Id */
            line_id: string;
            /** Material */
            material: ("protein" | "carbohydrate" | "fat" | "fibre" | "polyols") | null;
            /** Name */
            name: string;
            /** Protein G */
            protein_g: number | null;
        };
        /**
         * Limits
         * @description At least and at most; None is no limit.
         */
        Limits: {
            /** Least */
            least?: number | null;
            /** Most */
            most?: number | null;
        };
        /**
         * Line
         * @description So many grams of a label's food, or of another component.
         *
         *     `count` pieces stand beside the grams. A label whose pieces nobody has weighed is reckoned by
         *     its count; the grams of such a line may be missing: its weight is then unknown.
         */
        Line: {
            /** Component */
            component?: string | null;
            /** Count */
            count?: number | null;
            /**
             * Division G
             * @default 1
             */
            division_g?: number;
            /** Estimate */
            estimate?: number[] | null;
            /** Grams */
            grams: number;
            /** Label */
            label?: string | null;
        };
        /**
         * LineDifference
         * @description One line, before and after. Grams are None where the line is not there.
         */
        LineDifference: {
            /** After G */
            after_g: number | null;
            /** Before G */
            before_g: number | null;
            /** Before Name */
            before_name: string;
            /** Component */
            component: string;
            /**
             * Kind
             * @enum {string}
             */
            kind: "added" | "removed" | "changed";
            /** Line Id */
            line_id: string;
            /** Name */
            name: string;
            /** Says */
            says: string;
        };
        /**
         * LineEnded
         * @description It is right as it is, or is left out; `note` says how one knows, or why.
         */
        LineEnded: {
            /** Id */
            id: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "right" | "skip";
            /** Line */
            line: number;
            /**
             * Note
             * @default
             */
            note?: string;
            /** @default scale */
            origin?: components["schemas"]["ReadingOrigin"];
            /** Seen */
            seen?: string | null;
        };
        /**
         * LineShare
         * @description One line's part of one serving, and the macronutrient that most of its energy sits in.
         */
        LineShare: {
            /** Calcium Mg */
            calcium_mg?: number | null;
            /** Carbohydrate G */
            carbohydrate_g?: number | null;
            /** Cholesterol Mg */
            cholesterol_mg?: number | null;
            /** Count */
            count?: number | null;
            /** Fat G */
            fat_g?: number | null;
            /** Fibre G */
            fibre_g?: number | null;
            /** Grams */
            grams: number;
            /** Iron Mg */
            iron_mg?: number | null;
            /** Kcal */
            kcal?: number | null;
            /** Material */
            material: ("protein" | "carbohydrate" | "fat" | "fibre" | "polyols") | null;
            /** Net Carbohydrate G */
            net_carbohydrate_g?: number | null;
            /** Polyols G */
            polyols_g?: number | null;
            /** Potassium Mg */
            potassium_mg?: number | null;
            /** Protein G */
            protein_g?: number | null;
            /** Saturated G */
            saturated_g?: number | null;
            /** Sodium Mg */
            sodium_mg?: number | null;
            /** Sugars G */
            sugars_g?: number | null;
            /** Where */
            where: string;
        };
        /**
         * LineStatus
         * @description Where a line stands in the weigh-in.
         * @enum {string}
         */
        LineStatus: "open" | "weighed" | "skipped";
        /**
         * LineSwaps
         * @description What may stand in for a line, rejected swaps last, with the labels that would come in.
         */
        LineSwaps: {
            /** Labels */
            labels: {
                [key: string]: components["schemas"]["ShelfLabel"];
            };
            /** Line Id */
            line_id: string;
            /** Options */
            options: components["schemas"]["SwapOption"][];
            /** Says */
            says: string;
        };
        /**
         * LiveLink
         * @description Which scales answer, by name, and which one is in use.
         */
        LiveLink: {
            /** Connected */
            connected: boolean;
            /** In Use */
            in_use: string | null;
            /** Scales */
            scales: {
                [key: string]: boolean;
            };
            /**
             * Type
             * @default link
             * @constant
             */
            type?: "link";
        };
        /**
         * LiveReading
         * @description A reading, judged against what the page aims at. `steady` also when it only flickers between
         *     two figures; `tare_record` is what its net is measured from: a capture of it names that.
         *     `coarse` when so little deserves a finer scale than this.
         */
        LiveReading: {
            /** Coarse */
            coarse: boolean;
            /** Left G */
            left_g: number | null;
            /** Net G */
            net_g: number;
            reading: components["schemas"]["Reading"];
            state: components["schemas"]["PourState"];
            /** Steady */
            steady: boolean;
            /** Tare Record */
            tare_record: string | null;
            /** Target G */
            target_g: number | null;
            /** Tolerance G */
            tolerance_g: number | null;
            /**
             * Type
             * @default reading
             * @constant
             */
            type?: "reading";
        };
        /**
         * LiveSheet
         * @description The whole batch: at first, and whenever what changed cannot be told from its number.
         */
        LiveSheet: {
            sheet: components["schemas"]["BatchSheet"];
            /**
             * Type
             * @default sheet
             * @constant
             */
            type?: "sheet";
        };
        /**
         * LiveStale
         * @description What pages have to read again, after a change of whatever in this house.
         */
        LiveStale: {
            stale: components["schemas"]["Stale"];
            /**
             * Type
             * @default stale
             * @constant
             */
            type?: "stale";
        };
        /**
         * LiveTrouble
         * @description Why what the machine took by itself could not be stored; it tries again. The next sheet says
         *     that it is over.
         */
        LiveTrouble: {
            /** Says */
            says: string;
            /**
             * Type
             * @default trouble
             * @constant
             */
            type?: "trouble";
        };
        /**
         * Look
         * @description What was seen, when, and what the oven showed.
         */
        Look: {
            /**
             * At
             * Format: date-time
             */
            at: string;
            /** Minutes */
            minutes: number;
            /** Oven C */
            oven_c: number | null;
            /** Seen */
            seen: string;
        };
        /**
         * MarginPart
         * @description What one label adds to the likely margin of a figure: its panel's rounding, the spread of
         *     generic values, or its weight.
         *
         *     `share` is the part of the variance, 0 to 1; `half` is what this part alone would make the
         *     margin, in the figure's unit per serving.
         */
        MarginPart: {
            /**
             * Comes From
             * @enum {string}
             */
            comes_from: "label" | "generic" | "weight";
            /** Half */
            half: number;
            /** Label */
            label: string;
            /** Share */
            share: number;
        };
        /**
         * Measure
         * @description What one of something weighs, as eaten: a large one, a scoop, a stick, the juice of one.
         *
         *     A name may carry a qualifier in brackets: "large (UK)", "can (drained)".
         */
        Measure: {
            /** Grams */
            grams: number;
            /** Name */
            name: string;
            /**
             * Origin
             * @default typical
             * @enum {string}
             */
            origin?: "weighed" | "label" | "typical";
        };
        /**
         * MeasureAnswer
         * @description What the cook says or has weighed once: grams of one measure, or a share.
         */
        MeasureAnswer: {
            /** Grams */
            grams?: number | null;
            /**
             * Kind
             * @enum {string}
             */
            kind: "volume" | "measure" | "refuse" | "drained";
            /** Measure */
            measure: string;
            /** Share */
            share?: number | null;
        };
        /**
         * MeasureText
         * @description `2 scoops`, `1/2 cup`, `1 heaped tbsp`: the food is the line's own.
         */
        MeasureText: {
            /** Text */
            text: string;
        };
        /**
         * MendReport
         * @description What was done, in sentences for a cook, and whether the dish can be read now.
         */
        MendReport: {
            /** Says */
            says: string[];
            /** Whole */
            whole: boolean;
        };
        /**
         * MissingFact
         * @description What has to be told or weighed once: grams of one `measure` of this food, or a share.
         */
        MissingFact: {
            /**
             * Kind
             * @enum {string}
             */
            kind: "volume" | "measure" | "refuse" | "drained";
            /** Measure */
            measure: string;
        };
        /**
         * MixtureGap
         * @description The mixture against the sum of its lines; `gap_g` > 0 when there is more than was weighed.
         */
        MixtureGap: {
            /** Agrees */
            agrees: boolean;
            /** Causes */
            causes: components["schemas"]["Cause"][];
            /** Gap G */
            gap_g: number;
            /** Lines G */
            lines_g: number;
            /** Mixture G */
            mixture_g: number;
        };
        /**
         * MixtureThickness
         * @description One component that is thickened or thinned by what is `added`: a liquid, a powder or a gum.
         *
         *     `added_g` counts what helps for what it does. `line_id` is the line whose amount makes it
         *     thicker or thinner; None where nothing is added yet. `now` is how thick it is as planned.
         *     `hold_back_g` goes in last, as it is needed, `little` where that is by a few grams at a time;
         *     `by_tenths` is weighed to a tenth of a gram.
         */
        MixtureThickness: {
            /** Added G */
            added_g: number;
            /** Base G */
            base_g: number;
            /** By Tenths */
            by_tenths: boolean;
            /** Component */
            component: string;
            /** Hold Back G */
            hold_back_g: number;
            /** Line Id */
            line_id: string | null;
            /** Little */
            little: boolean;
            /** Mixture */
            mixture: string;
            /** Name */
            name: string;
            /** Now */
            now: ("fill" | "spread" | "dip" | "drizzle" | "spoon" | "milkshake" | "body") | null;
            /**
             * Sort
             * @enum {string}
             */
            sort: "liquid" | "powder" | "gum";
            /** Standing */
            standing: string;
            /** Ways */
            ways: components["schemas"]["ThicknessWay"][];
        };
        /**
         * Move
         * @description What happens to a part of a batch.
         * @enum {string}
         */
        Move: "put" | "eaten" | "given" | "binned" | "moved" | "drawn" | "warmed" | "undo";
        /**
         * NewArm
         * @description One arm. Without `grams` it gets an equal share of what the others leave; `weighed` says that
         *     they are on a scale already. `finishes` are those of the batch that it takes, None for all.
         */
        NewArm: {
            /** Finishes */
            finishes?: string[] | null;
            /** Grams */
            grams?: number | null;
            /**
             * Lines
             * @default []
             */
            lines?: components["schemas"]["ArmLine"][];
            /** Name */
            name: string;
            /** Pieces */
            pieces?: number | null;
            /**
             * Steps
             * @default []
             */
            steps?: components["schemas"]["ArmStep"][];
            /**
             * Weighed
             * @default false
             */
            weighed?: boolean;
        };
        /** NewArms */
        NewArms: {
            /** Arms */
            arms: components["schemas"]["NewArm"][];
        };
        /**
         * NewBatchLine
         * @description A line that comes in on the way, named before it is poured. `key` is made by the sender.
         */
        NewBatchLine: {
            /**
             * Component
             * @default Bowl
             */
            component?: string;
            /** Key */
            key: string;
            /** Label Id */
            label_id: number;
            /**
             * Target G
             * @default 0
             */
            target_g?: number;
        };
        /**
         * NewBlindTest
         * @description Two samples, and how many are to taste.
         */
        NewBlindTest: {
            /**
             * Kind
             * @enum {string}
             */
            kind: "triangle" | "preference";
            /** Name A */
            name_a: string;
            /** Name B */
            name_b: string;
            /** Seats */
            seats: number;
        };
        /** NewDish */
        NewDish: {
            /** Name */
            name: string;
        };
        /**
         * NewFood
         * @description A food with its first label.
         */
        NewFood: {
            /**
             * @default {
             *       "aliases": [],
             *       "buy_rule": "",
             *       "density_origin": "typical",
             *       "measures": []
             *     }
             */
            facts?: components["schemas"]["FoodFacts"];
            label: components["schemas"]["Label"];
            /** Name */
            name: string;
            /**
             * @default {
             *       "allergens": [],
             *       "does": [],
             *       "flags": [],
             *       "made_part": "",
             *       "may_contain": [],
             *       "note": ""
             *     }
             */
            package?: components["schemas"]["Package"];
        };
        /**
         * NewLabel
         * @description A panel with the rest of its package.
         */
        NewLabel: {
            label: components["schemas"]["Label"];
            /**
             * @default {
             *       "allergens": [],
             *       "does": [],
             *       "flags": [],
             *       "made_part": "",
             *       "may_contain": [],
             *       "note": ""
             *     }
             */
            package?: components["schemas"]["Package"];
        };
        /**
         * NewSwap
         * @description A swap as the cook writes it down.
         */
        NewSwap: {
            /**
             * Also
             * @default []
             */
            also?: components["schemas"]["OwnSwapAlso"][];
            /** Gives */
            gives: components["schemas"]["OwnSwapPart"][];
            /** Likeness */
            likeness?: number | null;
            /**
             * Most
             * @default 1
             */
            most?: number;
            /** Name */
            name: string;
            /**
             * Step
             * @default
             */
            step?: string;
            /** Takes Food Id */
            takes_food_id: number;
            /**
             * Watch
             * @default
             */
            watch?: string;
        };
        /** NewTaster */
        NewTaster: {
            /** Name */
            name: string;
        };
        /**
         * NewTrial
         * @description The next trial: a copy of one, with what it is meant to change.
         */
        NewTrial: {
            /** Copy Of */
            copy_of: number;
            /**
             * Intent
             * @default
             */
            intent?: string;
        };
        /**
         * NextProposal
         * @description One change for the next trial. `gives_way` names goals and checks that it breaks; `change`
         *     is of lines, `minutes` of a step. `key` is what it is rejected by.
         */
        NextProposal: {
            /** After */
            after?: number | null;
            /** Before */
            before?: number | null;
            /**
             * Caution
             * @default
             */
            caution?: string;
            /**
             * @default {
             *       "lines": {}
             *     }
             */
            change?: components["schemas"]["BuildChange"];
            /**
             * Comes From
             * @enum {string}
             */
            comes_from: "said" | "untried" | "frontier";
            /**
             * Gives Way
             * @default []
             */
            gives_way?: string[];
            /** Intent */
            intent: string;
            /** Key */
            key: string;
            /** Learns */
            learns: string;
            /** Line Id */
            line_id?: string | null;
            minutes?: components["schemas"]["StepMinutes"] | null;
            moved?: components["schemas"]["Effect"] | null;
            /** Should */
            should: string;
            /** Title */
            title: string;
            /** Why */
            why: string;
        };
        /**
         * NextTrials
         * @description What could be tried next from a trial; `says` why there is nothing. `slips` are lines that
         *     came out otherwise than planned, so that what was said may come from them.
         */
        NextTrials: {
            /** Letter */
            letter: string;
            /** Proposals */
            proposals: components["schemas"]["NextProposal"][];
            /** Rejected */
            rejected: components["schemas"]["RejectedProposal"][];
            /** Says */
            says: string;
            /** Slips */
            slips: string[];
            /** Trial Id */
            trial_id: number;
        };
        /**
         * Nudge
         * @description By how many divisions of the scale the tolerance is wider (or narrower).
         */
        Nudge: {
            /** Divisions */
            divisions: number;
        };
        /**
         * NutritionClaim
         * @description One word and whether it fits.
         *
         *     `value` is the number that decides, in `unit`, beside `least` or `most`; `by` is how far off.
         */
        NutritionClaim: {
            /** By */
            by: number;
            /** Key */
            key: string;
            /** Least */
            least: number | null;
            /** Most */
            most: number | null;
            /** Name */
            name: string;
            /** Says */
            says: string;
            /**
             * School
             * @enum {string}
             */
            school: "us" | "eu";
            /** Unit */
            unit: string;
            /** Value */
            value: number | null;
            /**
             * Verdict
             * @enum {string}
             */
            verdict: "yes" | "within_margin" | "no" | "cannot_tell";
        };
        /**
         * OddPiece
         * @description The piece stays as it is.
         */
        OddPiece: {
            /** Id */
            id: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "odd";
            /**
             * Note
             * @default
             */
            note?: string;
            /** @default scale */
            origin?: components["schemas"]["ReadingOrigin"];
            /** Piece */
            piece: number;
        };
        /**
         * OnShelf
         * @description Whether it is on the shelf: taking it off can be undone.
         */
        OnShelf: {
            /** On Shelf */
            on_shelf: boolean;
        };
        /**
         * OnTheScale
         * @description What lies on the scale for a line, with what it had already.
         */
        OnTheScale: {
            /** Line */
            line: number;
            /** Net G */
            net_g: number;
        };
        /**
         * OneScale
         * @description A scale of the house, whether it answers and what it shows now.
         */
        OneScale: {
            /** Capacity G */
            capacity_g: number;
            /** Connected */
            connected: boolean;
            /** Name */
            name: string;
            reading: components["schemas"]["Reading"] | null;
            /** Simulated */
            simulated: boolean;
        };
        /**
         * OneWay
         * @description What a piece holds when the batch is divided into so many.
         */
        OneWay: {
            /** Grams */
            grams: number | null;
            kcal: components["schemas"]["Figure"] | null;
            /** Pieces */
            pieces: number;
            protein_g: components["schemas"]["Figure"] | null;
        };
        /**
         * OpenCook
         * @description A cook that was begun and has steps left; `going` are the steps that run.
         */
        OpenCook: {
            /** Batch Id */
            batch_id: number;
            /** Dish */
            dish: string;
            /** Dish Id */
            dish_id: number;
            /** Done */
            done: number;
            /** Going */
            going: string[];
            /** Letter */
            letter: string;
            /** Steps */
            steps: number;
        };
        /** OpenWeighIn */
        OpenWeighIn: {
            /** Batch Id */
            batch_id: number;
            /** Dish */
            dish: string;
            /** Dish Id */
            dish_id: number;
            /** Done */
            done: number;
            /** Letter */
            letter: string;
            /** Lines */
            lines: number;
            /**
             * Started At
             * Format: date-time
             */
            started_at: string;
        };
        /**
         * Option
         * @description One package that the line may mean, with every reading of its amount.
         */
        Option: {
            /** Food */
            food: string;
            /** Food Id */
            food_id: number;
            label: components["schemas"]["ShelfLabel"];
            worked: components["schemas"]["AmountAnswer"];
        };
        /**
         * Original
         * @description One serving of the ordinary version; None is unknown.
         */
        Original: {
            /** Carbohydrate G */
            carbohydrate_g?: number | null;
            /** Fat G */
            fat_g?: number | null;
            /** Kcal */
            kcal?: number | null;
            /**
             * Name
             * @default
             */
            name?: string;
            /** Protein G */
            protein_g?: number | null;
            /** Serving G */
            serving_g?: number | null;
        };
        /**
         * OriginalEdit
         * @description One serving of the ordinary version, with the dish version that it was read at; `dish` is a
         *     new name for the dish itself.
         */
        OriginalEdit: {
            /** Carbohydrate G */
            carbohydrate_g?: number | null;
            /** Dish */
            dish?: string | null;
            /** Fat G */
            fat_g?: number | null;
            /** Kcal */
            kcal?: number | null;
            /** Name */
            name: string;
            /**
             * Original From
             * @default figures
             * @enum {string}
             */
            original_from?: "figures" | "lines";
            /** Protein G */
            protein_g?: number | null;
            /** Reference */
            reference?: ("muffin" | "pancakes" | "waffle" | "brownie" | "cookie" | "sweet_roll" | "heavy_cake" | "medium_cake" | "pie" | "sandwich" | "pudding" | "ice_cream" | "mixed_dish") | null;
            /** Serving G */
            serving_g?: number | null;
            /**
             * Source Note
             * @default
             */
            source_note?: string;
            /** Tags */
            tags?: string[] | null;
            /** Version */
            version: number;
        };
        /**
         * OriginalEntry
         * @description The original beside its trials.
         */
        OriginalEntry: {
            /** Grams */
            grams: number | null;
            /** Kcal */
            kcal: number | null;
            /** Name */
            name: string;
            /** Protein G */
            protein_g: number | null;
            score: components["schemas"]["Score"] | null;
        };
        /**
         * OtherWay
         * @description Another way to do a step: what it needs, whether that is there, what becomes of the dish.
         */
        OtherWay: {
            /** Key */
            key: string;
            /** Says */
            says: string;
            /** There */
            there: boolean;
            /** Tool */
            tool: string;
        };
        /**
         * OutOfStep
         * @description A line that left the common factor, with its own.
         */
        OutOfStep: {
            /** Common */
            common: number;
            /** Factor */
            factor: number;
            /** Line Id */
            line_id: string;
        };
        /**
         * OwnSwapAlso
         * @description Another food of the build that moves by a factor: twice the spice.
         */
        OwnSwapAlso: {
            /** Factor */
            factor: number;
            /** Food Id */
            food_id: number;
        };
        /**
         * OwnSwapPart
         * @description Grams of a food that go in for every 100 g taken out.
         */
        OwnSwapPart: {
            /** Food Id */
            food_id: number;
            /** Per 100 G */
            per_100_g: number;
        };
        /**
         * Package
         * @description Everything about one package but its panel. None and empty are unknown, not none.
         */
        Package: {
            /**
             * Allergens
             * @default []
             */
            allergens?: ("milk" | "egg" | "fish" | "crustaceans" | "tree_nuts" | "peanut" | "wheat" | "soy" | "sesame" | "gluten" | "celery" | "mustard" | "sulphites" | "lupin" | "molluscs")[];
            /**
             * Does
             * @default []
             */
            does?: ("thickens" | "dries" | "sweetens" | "flavours")[];
            /** Drained G */
            drained_g?: number | null;
            /**
             * Flags
             * @default []
             */
            flags?: ("raw_egg" | "raw_flour" | "raw_poultry" | "raw_ground_meat" | "raw_fish" | "aspartame" | "xylitol")[];
            /** Made From */
            made_from?: number | null;
            /**
             * Made Part
             * @default
             */
            made_part?: string;
            /**
             * May Contain
             * @default []
             */
            may_contain?: ("milk" | "egg" | "fish" | "crustaceans" | "tree_nuts" | "peanut" | "wheat" | "soy" | "sesame" | "gluten" | "celery" | "mustard" | "sulphites" | "lupin" | "molluscs")[];
            /**
             * Note
             * @default
             */
            note?: string;
            /** Pack G */
            pack_g?: number | null;
            /** Pack Ml */
            pack_ml?: number | null;
            /** Pack Pieces */
            pack_pieces?: number | null;
            /** Price */
            price?: number | null;
            /** State */
            state?: ("raw" | "cooked" | "dry" | "frozen" | "drained" | "as_prepared") | null;
            /** Sweetness */
            sweetness?: number | null;
        };
        /**
         * Pan
         * @description A pan by its sides, or a round one by its diameter, in centimetres.
         */
        Pan: {
            /** Diameter Cm */
            diameter_cm?: number | null;
            /** Length Cm */
            length_cm?: number | null;
            /** Width Cm */
            width_cm?: number | null;
        };
        /**
         * PanCut
         * @description A pan and how it is cut: a rectangle in rows and columns, or a round one in wedges.
         */
        PanCut: {
            /**
             * Columns
             * @default 1
             */
            columns?: number;
            /** Diameter Cm */
            diameter_cm?: number | null;
            /** Length Cm */
            length_cm?: number | null;
            /**
             * Rows
             * @default 1
             */
            rows?: number;
            /** Wedges */
            wedges?: number | null;
            /** Width Cm */
            width_cm?: number | null;
        };
        /**
         * PanelText
         * @description A panel as it is copied, or a note of its figures in one line.
         */
        PanelText: {
            /** Text */
            text: string;
        };
        /**
         * PartWeighedBack
         * @description What of a component was not eaten: weighed back, and fat poured off.
         */
        PartWeighedBack: {
            /** Component */
            component: string;
            /** Fat G */
            fat_g: number | null;
            /** Leftover G */
            leftover_g: number | null;
            /** Made G */
            made_g: number;
        };
        /**
         * PartlyKnown
         * @description A figure with an unknown part; the known parts come to `at_least`.
         */
        PartlyKnown: {
            /** At Least */
            at_least: number;
            /** Likely */
            likely?: null;
            /** Value */
            value?: null;
            /** Worst */
            worst?: null;
        };
        /**
         * PastedPanel
         * @description The figures of a panel, what they are for, and what of the text was not used.
         */
        PastedPanel: {
            /** Added Sugars G */
            added_sugars_g?: number | null;
            /** Alcohol G */
            alcohol_g?: number | null;
            /** Allulose G */
            allulose_g?: number | null;
            /** Basis G */
            basis_g?: number | null;
            /** Basis Ml */
            basis_ml?: number | null;
            /** Basis Pieces */
            basis_pieces?: number | null;
            /**
             * Below
             * @default []
             */
            below?: string[];
            /** Calcium Mg */
            calcium_mg?: number | null;
            /** Carbohydrate G */
            carbohydrate_g?: number | null;
            /** Cholesterol Mg */
            cholesterol_mg?: number | null;
            /** Fat G */
            fat_g?: number | null;
            /** Fibre G */
            fibre_g?: number | null;
            /** Iron Mg */
            iron_mg?: number | null;
            /** Kcal */
            kcal?: number | null;
            /** Kj */
            kj?: number | null;
            /** Organic Acids G */
            organic_acids_g?: number | null;
            /**
             * Piece
             * @default
             */
            piece?: string;
            /** Polyol */
            polyol?: ("erythritol" | "xylitol" | "maltitol" | "sorbitol" | "mannitol" | "isomalt" | "lactitol" | "hsh") | null;
            /** Polyols G */
            polyols_g?: number | null;
            /** Potassium Mg */
            potassium_mg?: number | null;
            /** Protein G */
            protein_g?: number | null;
            /** Salt G */
            salt_g?: number | null;
            /** Saturated G */
            saturated_g?: number | null;
            /** Sodium Mg */
            sodium_mg?: number | null;
            /** Soluble Fibre G */
            soluble_fibre_g?: number | null;
            /** Style */
            style?: ("us" | "eu" | "table") | null;
            /** Sugars G */
            sugars_g?: number | null;
            /**
             * Unused
             * @default []
             */
            unused?: string[];
        };
        /** PendingText */
        PendingText: {
            /** Text */
            text: string;
        };
        /**
         * Photo
         * @description A photo without its picture. `on_card` when it is shown on the card.
         */
        Photo: {
            /**
             * At
             * Format: date-time
             */
            at: string;
            /** Batch Id */
            batch_id: number;
            /** Height */
            height: number;
            /** Id */
            id: number;
            /** On Card */
            on_card: boolean;
            /**
             * Stage
             * @enum {string}
             */
            stage: "mixture" | "top" | "cut" | "plate";
            /** Width */
            width: number;
        };
        /**
         * PhotoEdit
         * @description Whether the photo is deleted, whether it is on the card.
         */
        PhotoEdit: {
            /** On Card */
            on_card?: boolean | null;
            /** Removed */
            removed?: boolean | null;
        };
        /**
         * PieceFilled
         * @description A piece was filled, or topped up, by weight.
         */
        PieceFilled: {
            /**
             * Bowl
             * @default
             */
            bowl?: string;
            /**
             * Division G
             * @default 1
             */
            division_g?: number;
            /** Gross G */
            gross_g?: number | null;
            /** Id */
            id: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "portion" | "top_up";
            /**
             * Mode
             * @default gross
             * @enum {string}
             */
            mode?: "gross" | "net";
            /** Net G */
            net_g?: number | null;
            /**
             * Note
             * @default
             */
            note?: string;
            /** @default scale */
            origin?: components["schemas"]["ReadingOrigin"];
            /** Piece */
            piece: number;
            /**
             * Scale
             * @default kitchen scale
             */
            scale?: string;
            /**
             * Stable
             * @default true
             */
            stable?: boolean;
            /** Tare Record */
            tare_record?: string | null;
            /**
             * Way
             * @default into
             * @enum {string}
             */
            way?: "into" | "out_of";
        };
        /**
         * PlannedPour
         * @description How one line is to be weighed; `scale` None lets its weight choose.
         */
        PlannedPour: {
            /** Bowl */
            bowl: string;
            /** Id */
            id: number;
            /** Poured With */
            poured_with?: number | null;
            /** Scale */
            scale?: string | null;
            /**
             * Way
             * @default into
             * @enum {string}
             */
            way?: "into" | "out_of";
        };
        /**
         * PlateLine
         * @description So many grams of a label added to one serving, weighed or estimated from low to high.
         */
        PlateLine: {
            /** Grams */
            grams: number;
            /** High G */
            high_g?: number | null;
            /** Label Id */
            label_id: number;
            /** Low G */
            low_g?: number | null;
        };
        /**
         * PlateWithFinish
         * @description A finish with what one serving of the base and it hold together.
         */
        PlateWithFinish: {
            finish: components["schemas"]["Finish"];
            /** Lines */
            lines: components["schemas"]["PlatedLine"][];
            serving: components["schemas"]["Portion"];
        };
        /** PlatedLine */
        PlatedLine: {
            /** Estimated */
            estimated: boolean;
            /** Grams */
            grams: number;
            /** Name */
            name: string;
        };
        /**
         * Plates
         * @description The finishes of a batch as they stand.
         */
        Plates: {
            /** Batch Id */
            batch_id: number;
            /** Plated */
            plated: components["schemas"]["PlateWithFinish"][];
            /** Version */
            version: number;
        };
        /**
         * Portion
         * @description What one portion of `grams` holds; grams are None while the batch weighs nothing.
         */
        Portion: {
            /** Calcium Mg */
            calcium_mg?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Carbohydrate G */
            carbohydrate_g?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Cholesterol Mg */
            cholesterol_mg?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Fat G */
            fat_g?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Fibre G */
            fibre_g?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Grams */
            grams: number | null;
            /** Iron Mg */
            iron_mg?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Kcal */
            kcal?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Net Carbohydrate G */
            net_carbohydrate_g?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Polyols G */
            polyols_g?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Potassium Mg */
            potassium_mg?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Protein G */
            protein_g?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Saturated G */
            saturated_g?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Sodium Mg */
            sodium_mg?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Sugars G */
            sugars_g?: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
        };
        /**
         * PortionSheet
         * @description How a batch is divided, and what that makes. `whole_g` is what there is to divide; `spread`
         *     is between pieces, `scooped` how far the mixture goes at the fill weight.
         */
        PortionSheet: {
            /** Batch Id */
            batch_id: number;
            cooked: components["schemas"]["Yield"] | null;
            cut: components["schemas"]["CutPieces"] | null;
            piece: components["schemas"]["Portion"] | null;
            /** Pieces */
            pieces: number;
            plates: components["schemas"]["Plates"];
            scooped: components["schemas"]["ScoopCount"] | null;
            serving: components["schemas"]["Portion"];
            /** Servings */
            servings: number | null;
            spread: components["schemas"]["Spread"];
            /** Ways */
            ways: components["schemas"]["OneWay"][];
            /** Whole G */
            whole_g: number | null;
        };
        /**
         * Portions
         * @description One way of dividing: by count, by serving weight, or each piece weighed.
         *
         *     A serving is `serving_pieces` mean pieces: 3 of 6 rolls make 2 servings.
         */
        Portions: {
            /** Count */
            count?: number | null;
            /** Serving G */
            serving_g?: number | null;
            /**
             * Serving Pieces
             * @default 1
             */
            serving_pieces?: number;
            /** Weights G */
            weights_g?: number[] | null;
            /** Weights State */
            weights_state?: ("raw" | "cooked") | null;
        };
        /**
         * Pour
         * @description Without a `line` it is a new line of the weigh-in, to be named before or after: `label_id`
         *     says what it was. An estimate runs from `low_g` to `high_g`.
         */
        Pour: {
            /**
             * Bowl
             * @default
             */
            bowl?: string;
            /** Count */
            count?: number | null;
            /**
             * Division G
             * @default 1
             */
            division_g?: number;
            /** Gross G */
            gross_g?: number | null;
            /** High G */
            high_g?: number | null;
            /** Id */
            id: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "add" | "line";
            /** Label Id */
            label_id?: number | null;
            /** Line */
            line?: number | null;
            /** Low G */
            low_g?: number | null;
            /**
             * Mode
             * @default gross
             * @enum {string}
             */
            mode?: "gross" | "net";
            /** Net G */
            net_g?: number | null;
            /**
             * Note
             * @default
             */
            note?: string;
            /** @default scale */
            origin?: components["schemas"]["ReadingOrigin"];
            /**
             * Scale
             * @default kitchen scale
             */
            scale?: string;
            /** Seen */
            seen?: string | null;
            /**
             * Stable
             * @default true
             */
            stable?: boolean;
            /** Tare Record */
            tare_record?: string | null;
            /**
             * Way
             * @default into
             * @enum {string}
             */
            way?: "into" | "out_of";
        };
        /**
         * PourState
         * @description Where a pour stands against its target, or what keeps it from being judged.
         * @enum {string}
         */
        PourState: "waiting" | "pouring" | "within" | "over" | "place" | "tip_in" | "placed_early" | "bowl_off" | "pack_off" | "less" | "drift" | "restarted" | "overload";
        /**
         * Preset
         * @description A starting point of one school; it fills what the cook has not given.
         */
        Preset: {
            goal: components["schemas"]["Goal"];
            /** Key */
            key: string;
            /** Name */
            name: string;
            /** Says */
            says: string;
        };
        /**
         * Price
         * @description What one more unit of a binding limit costs, in kcal (in protein for the energy limit).
         */
        Price: {
            /** Key */
            key: string;
            /** Name */
            name: string;
            /** Per Unit */
            per_unit: number;
            /** Says */
            says: string;
        };
        /**
         * Problem
         * @description What went wrong, and where. `type` is for programs, `detail` a sentence for the cook,
         *     `errors` name each faulty value by its path; `current` is what is stored, after a conflict.
         */
        Problem: {
            /** Current */
            current?: unknown;
            /** Detail */
            detail: string;
            /**
             * Errors
             * @default []
             */
            errors?: components["schemas"]["Fault"][];
            /** Status */
            status: number;
            /** Title */
            title: string;
            /**
             * Type
             * @default about:blank
             * @enum {string}
             */
            type?: "about:blank" | "urn:gasket:faulty" | "urn:gasket:unknown" | "urn:gasket:changed-elsewhere" | "urn:gasket:refused" | "urn:gasket:no-room" | "urn:gasket:unavailable" | "urn:gasket:not-possible";
        };
        /**
         * Proposal
         * @description A way to the goal: lines touched, and what it does to a serving.
         *
         *     `proven` when no better one exists; else it is the best that was found in time.
         */
        Proposal: {
            change: components["schemas"]["BuildChange"];
            /**
             * Key
             * @enum {string}
             */
            key: "gentlest" | "leanest" | "most_protein" | "closest";
            /** Lines */
            lines: components["schemas"]["ProposedLine"][];
            moved: components["schemas"]["Effect"];
            /** Name */
            name: string;
            /** Objective */
            objective: number;
            /** Proven */
            proven: boolean;
        };
        /** ProposalRejected */
        ProposalRejected: {
            /** Key */
            key: string;
            /**
             * Title
             * @default
             */
            title?: string;
        };
        /**
         * ProposalTaken
         * @description The proposal, by its key, and what it is meant to change in the cook's own words.
         */
        ProposalTaken: {
            /**
             * Intent
             * @default
             */
            intent?: string;
            /** Key */
            key: string;
        };
        /**
         * ProposedLine
         * @description One line of a proposal: grams before and after, and what stands in.
         */
        ProposedLine: {
            /** After G */
            after_g: number;
            /** Before G */
            before_g: number;
            /** Goes In */
            goes_in: components["schemas"]["SwapIn"][];
            /** Line Id */
            line_id: string;
            /** Name */
            name: string;
            /** Swap */
            swap: string;
        };
        /**
         * Prospect
         * @description What so many tasters could show at all, before it starts.
         */
        Prospect: {
            /** Needed */
            needed: number | null;
            /** Says */
            says: string;
            /** Seats */
            seats: number;
            /** Smallest */
            smallest: number | null;
        };
        /**
         * PutAwayTest
         * @description Whether the test is put away.
         */
        PutAwayTest: {
            /** Removed */
            removed: boolean;
        };
        /**
         * PutOff
         * @description The line comes again when the others are done.
         */
        PutOff: {
            /** Id */
            id: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "later";
            /** Line */
            line: number;
            /**
             * Note
             * @default
             */
            note?: string;
            /** @default scale */
            origin?: components["schemas"]["ReadingOrigin"];
            /** Seen */
            seen?: string | null;
        };
        /**
         * Quantity
         * @description So many of a unit; `high` is above `low` for a range. Unit "" is a bare number.
         */
        Quantity: {
            /**
             * Fill
             * @default
             * @enum {string}
             */
            fill?: "" | "level" | "heaped" | "rounded" | "scant" | "packed";
            /** High */
            high: number;
            /** Low */
            low: number;
            /**
             * Unit
             * @default
             */
            unit?: string;
        };
        /**
         * QuickAnswer
         * @description The line as read, and what it may mean on this shelf, best first. Only when it is `sure` may
         *     the first be taken without asking; `asks` is the question where it is not. `chosen` is how often
         *     in a row the cook chose the first for these very words.
         */
        QuickAnswer: {
            /** Asks */
            asks: string;
            /**
             * Chosen
             * @default 0
             */
            chosen?: number;
            entry: components["schemas"]["Entry"];
            /**
             * How
             * @enum {string}
             */
            how: "words" | "spelling" | "some words";
            /** Options */
            options: components["schemas"]["Option"][];
            /** Sure */
            sure: boolean;
            /** Unread */
            unread: string;
        };
        /**
         * QuickLine
         * @description One line of a pasted list. A heading names a component, a step goes to the steps, words are
         *     left out; a faulty line says why. A line of several foods comes `apart`, one line each; a step
         *     whose degrees may be of either scale says what it may be `instead`. `words` says which word went
         *     where.
         */
        QuickLine: {
            answer?: components["schemas"]["QuickAnswer"] | null;
            /**
             * Apart
             * @default []
             */
            apart?: string[];
            /**
             * Instead
             * @default []
             */
            instead?: string[];
            /**
             * Says
             * @default
             */
            says?: string;
            /**
             * Status
             * @enum {string}
             */
            status: "clear" | "question" | "needs" | "unmatched" | "heading" | "step" | "servings" | "words" | "faulty";
            /** Text */
            text: string;
            /**
             * Words
             * @default []
             */
            words?: components["schemas"]["UsedWord"][];
        };
        /** QuickList */
        QuickList: {
            /** Text */
            text: string;
        };
        /** QuickText */
        QuickText: {
            /** Text */
            text: string;
        };
        /**
         * Rank
         * @description Where a keeper stands: 100 would be the best of all on every criterion. What is unknown may
         *     be anything from worst to best: `low` to `high`; the order goes by the middle.
         */
        Rank: {
            /** High */
            high: number;
            /** Key */
            key: number;
            /** Low */
            low: number;
            /** Parts */
            parts: {
                [key: string]: number;
            };
            /** Unknown */
            unknown: ("score" | "kcal" | "protein_g" | "minutes" | "cost" | "days")[];
            /** Value */
            value: number;
        };
        /**
         * RankWeights
         * @description How much each criterion counts in the order of the keepers.
         */
        RankWeights: {
            /**
             * Cost
             * @default 1
             */
            cost?: number;
            /**
             * Days
             * @default 0
             */
            days?: number;
            /**
             * Kcal
             * @default 3
             */
            kcal?: number;
            /**
             * Minutes
             * @default 1
             */
            minutes?: number;
            /**
             * Protein G
             * @default 3
             */
            protein_g?: number;
            /**
             * Score
             * @default 5
             */
            score?: number;
        };
        /**
         * ReadRecipe
         * @description A pasted recipe, line by line; `servings` where it says how many.
         */
        ReadRecipe: {
            /** Lines */
            lines: components["schemas"]["QuickLine"][];
            /** Servings */
            servings: number | null;
        };
        /**
         * Reading
         * @description One line from the scale. `division_g` is the unit of the last digit shown.
         */
        Reading: {
            /** Division G */
            division_g: number;
            /** Grams */
            grams: number;
            /**
             * Mode
             * @default gross
             * @enum {string}
             */
            mode?: "gross" | "net";
            /**
             * Overload
             * @default false
             */
            overload?: boolean;
            /**
             * Scale
             * @default kitchen scale
             */
            scale?: string;
            /** Sent Ms */
            sent_ms?: number | null;
            /** Stable */
            stable: boolean;
        };
        /**
         * ReadingOrigin
         * @description Where a figure comes from. VESSEL: the known empty weight of a bowl, not a reading.
         * @enum {string}
         */
        ReadingOrigin: "scale" | "automatic" | "hand" | "measure" | "estimate" | "vessel" | "file";
        /**
         * Reckoning
         * @description What a batch comes to; numbers are unrounded.
         */
        Reckoning: {
            batch: components["schemas"]["Facts"];
            /** Findings */
            findings: components["schemas"]["Finding"][];
            /** Lines */
            lines: components["schemas"]["LineShare"][];
            /** Margin Parts */
            margin_parts: {
                [key: string]: components["schemas"]["MarginPart"][];
            };
            original: components["schemas"]["ComparedOriginal"] | null;
            per_100g: components["schemas"]["Facts"] | null;
            /** Says Who */
            says_who: {
                [key: string]: string[];
            };
            serving: components["schemas"]["Portion"];
            /** Weight G */
            weight_g: number | null;
            /** Weight Of */
            weight_of: ("cooked" | "mixture" | "lines") | null;
        };
        /**
         * ReferenceAmount
         * @description What a rule takes one eating of it to weigh; `main_dish` has limits of its own.
         */
        ReferenceAmount: {
            /** Grams */
            grams: number;
            /**
             * Key
             * @enum {string}
             */
            key: "muffin" | "pancakes" | "waffle" | "brownie" | "cookie" | "sweet_roll" | "heavy_cake" | "medium_cake" | "pie" | "sandwich" | "pudding" | "ice_cream" | "mixed_dish";
            /**
             * Main Dish
             * @default false
             */
            main_dish?: boolean;
            /** Name */
            name: string;
        };
        /**
         * Rehearsal
         * @description Whether a simulated person pours; `seed` is of the hands.
         */
        Rehearsal: {
            /** On */
            on: boolean;
            /**
             * Seed
             * @default 7
             */
            seed?: number;
        };
        /** RejectedProposal */
        RejectedProposal: {
            /** Key */
            key: string;
            /** Title */
            title: string;
        };
        /** RejectedSwap */
        RejectedSwap: {
            /** Name */
            name: string;
            /** Reason */
            reason: string;
            /** Swap */
            swap: string;
        };
        /** Rejection */
        Rejection: {
            /**
             * Reason
             * @default
             */
            reason?: string;
        };
        /**
         * Repair
         * @description One figure that, changed alone, would reconcile what it can.
         */
        Repair: {
            /** Change */
            change: number;
            /** Claim */
            claim: number;
            /** Figure */
            figure: string;
            /** Leaves */
            leaves: number;
            /**
             * Part
             * @enum {string}
             */
            part: "serving" | "batch";
            /** Says */
            says: string;
            /** Settles */
            settles: number;
            /** Should Be */
            should_be: number;
            /** Stated */
            stated: number;
        };
        /**
         * Result
         * @description The whole answer, each piece with its own figures; `arms` in their order.
         */
        Result: {
            /**
             * Arms
             * @default []
             */
            arms?: components["schemas"]["ArmResult"][];
            batch: components["schemas"]["Facts"];
            /** Findings */
            findings: components["schemas"]["Finding"][];
            /** Lines */
            lines: components["schemas"]["LineShare"][];
            /** Margin Parts */
            margin_parts: {
                [key: string]: components["schemas"]["MarginPart"][];
            };
            original: components["schemas"]["ComparedOriginal"] | null;
            per_100g: components["schemas"]["Facts"] | null;
            /** Portions */
            portions: components["schemas"]["Portion"][];
            /** Says Who */
            says_who: {
                [key: string]: string[];
            };
            serving: components["schemas"]["Portion"];
            /** Weight G */
            weight_g: number | null;
            /** Weight Of */
            weight_of: ("cooked" | "mixture" | "lines") | null;
        };
        /**
         * Revision
         * @description A package as it was printed from a day on, and how it differs from the one before.
         */
        Revision: {
            /** Changes */
            changes: components["schemas"]["Change"][];
            label: components["schemas"]["Label"];
            /** Number */
            number: number;
            package: components["schemas"]["Package"];
            /**
             * Since
             * Format: date-time
             */
            since: string;
        };
        /**
         * Richness
         * @description What the kcal of a line in one serving buy. `kcal_per_point` is None where that cannot be
         *     told; `told` counts the trials in which it changed alone.
         */
        Richness: {
            /** Kcal */
            kcal: number;
            /** Kcal Per Point */
            kcal_per_point: number | null;
            /** Line Id */
            line_id: string;
            /** Name */
            name: string;
            /** Says */
            says: string;
            /** Tried */
            tried: number;
        };
        /**
         * RowFate
         * @description What a row of the file would do. `changes` name fields with before and after.
         */
        RowFate: {
            /**
             * Changes
             * @default []
             */
            changes?: string[];
            /**
             * Fate
             * @enum {string}
             */
            fate: "new food" | "new label" | "new version" | "food changed" | "unchanged" | "refused";
            /**
             * Faults
             * @default []
             */
            faults?: components["schemas"]["Fault"][];
            /** Food */
            food: string;
            /** Line */
            line: number;
            /** Package */
            package: string;
        };
        /**
         * RunningTimer
         * @description Something that runs: a step, a timer of its own, or a reminder.
         *
         *     `says` is what to look for.
         */
        RunningTimer: {
            /** Batch Id */
            batch_id: number | null;
            /**
             * Begun At
             * Format: date-time
             */
            begun_at: string;
            /** Dish */
            dish: string;
            /** Dish Id */
            dish_id: number | null;
            /**
             * Due At
             * Format: date-time
             */
            due_at: string;
            /** Id */
            id: string;
            /**
             * Kind
             * @enum {string}
             */
            kind: "step" | "timer" | "reminder";
            /** Name */
            name: string;
            /** Needs Temperature */
            needs_temperature: boolean;
            /** Next Look At */
            next_look_at: string | null;
            /** Says */
            says: string;
        };
        /**
         * SafeRule
         * @description What a dish asks for: `enough` are alternatives, the first is the one asked for first.
         */
        SafeRule: {
            /** Enough */
            enough: components["schemas"]["HoldTime"][];
            /** Food */
            food: string;
            /**
             * Reason
             * @enum {string}
             */
            reason: "poultry" | "reheated" | "ground" | "game" | "set_egg" | "whole_cut" | "fish";
            /** Rest Min */
            rest_min: number;
            /**
             * School
             * @enum {string}
             */
            school: "us" | "uk";
            /** Source */
            source: string;
        };
        /**
         * ScaleSpec
         * @description A scale of the house: where it is connected, what it carries, how finely it reads.
         */
        ScaleSpec: {
            /**
             * Capacity G
             * @default 5000
             */
            capacity_g?: number;
            /**
             * Division G
             * @default 1
             */
            division_g?: number;
            /** Name */
            name: string;
            /**
             * Place
             * @default simulated
             */
            place?: string;
        };
        /** ScaleState */
        ScaleState: {
            /** Connected */
            connected: boolean;
            /** Scales */
            scales: components["schemas"]["OneScale"][];
            /** Simulated */
            simulated: boolean;
        };
        /**
         * Scaling
         * @description How to scale: by a factor, to portions, from one pan to another, or to use up a pack.
         */
        Scaling: {
            /**
             * By
             * @enum {string}
             */
            by: "factor" | "portions" | "pan" | "pack";
            /** Factor */
            factor?: number | null;
            /** Line Id */
            line_id?: string | null;
            /** Pack G */
            pack_g?: number | null;
            pan_from?: components["schemas"]["Pan"] | null;
            pan_to?: components["schemas"]["Pan"] | null;
            /** Portions */
            portions?: number | null;
        };
        /**
         * ScalingAnswer
         * @description The factor, the change that makes it, and what to know about it.
         */
        ScalingAnswer: {
            change: components["schemas"]["BuildChange"];
            /** Factor */
            factor: number;
            /** Notes */
            notes: string[];
        };
        /**
         * ScalingWanted
         * @description An unsaved build and how it is to be scaled.
         */
        ScalingWanted: {
            build: components["schemas"]["Build"];
            scaling: components["schemas"]["Scaling"];
        };
        /**
         * ScoopCount
         * @description How far a mixture goes at a fixed fill weight.
         */
        ScoopCount: {
            /** Exact */
            exact: number;
            /** Over G */
            over_g: number;
            /** Pieces */
            pieces: number;
        };
        /**
         * Score
         * @description The mark that a trial has with all of the dish's tasters. The interval (95 %) is None where
         *     there is no scatter to tell it from: one taster, one trial.
         */
        Score: {
            /** High */
            high: number | null;
            /** Low */
            low: number | null;
            /** Tasters */
            tasters: number;
            /** Tastings */
            tastings: number;
            /** Value */
            value: number;
        };
        /**
         * Section
         * @description Both columns, ours also as many grams as the original weighs, and the links between.
         */
        Section: {
            /** Links */
            links: components["schemas"]["SwapLink"][];
            original: components["schemas"]["Column"] | null;
            rebuild: components["schemas"]["Column"];
            rebuild_at_equal_weight: components["schemas"]["Column"] | null;
        };
        /**
         * ServingOfDish
         * @description One serving of a dish, of its newest trial as planned or as last weighed.
         */
        ServingOfDish: {
            /** Name */
            name: string;
            serving: components["schemas"]["Portion"];
        };
        /**
         * Settings
         * @description How to reckon: the energy method, what erythritol is worth, who eats the residue.
         */
        Settings: {
            /**
             * Energy
             * @default labelled
             * @enum {string}
             */
            energy?: "labelled" | "us" | "us_449" | "eu";
            /**
             * Erythritol Kcal Per G
             * @default 0
             */
            erythritol_kcal_per_g?: number;
            /**
             * Residue
             * @default counted
             * @enum {string}
             */
            residue?: "counted" | "left";
        };
        /**
         * SheetChange
         * @description What made a batch sheet of number `since` the one of `number`.
         *
         *     `fields` are those that changed, by name, as they are now; `lines` those that are new or
         *     changed; `order` the ids of all lines where any came, went or moved. Whoever does not have the
         *     sheet of `since` reads the whole one.
         */
        SheetChange: {
            /** Fields */
            fields: {
                [key: string]: unknown;
            };
            /** Id */
            id: number;
            /** Lines */
            lines: components["schemas"]["BatchLine"][];
            /** Number */
            number: number;
            /** Order */
            order: number[] | null;
            /** Since */
            since: number;
            /**
             * Type
             * @default change
             * @constant
             */
            type?: "change";
        };
        /**
         * ShelfFood
         * @description A food with its labels: the cook's own first, typical values behind them.
         *
         *     `kind` is what it is in a build and `kind_by` who says so; `cup_g` is what one level cup of the
         *     house's set weighs.
         */
        ShelfFood: {
            /** Cup G */
            cup_g: number | null;
            facts: components["schemas"]["FoodFacts"];
            /** Id */
            id: number;
            /**
             * Kind
             * @enum {string}
             */
            kind: "flour" | "oat_flour" | "oats" | "nut_flour" | "coconut_flour" | "starch" | "self_raising_flour" | "mix" | "fibre" | "cocoa" | "whey_powder" | "protein_blend" | "plant_protein" | "collagen" | "milk_powder" | "sugar" | "brown_sugar" | "powdered_sugar" | "syrup" | "jam" | "sprinkles" | "confection" | "sweetener" | "brown_sweetener" | "powdered_sweetener" | "intense_sweetener" | "butter" | "spread" | "oil" | "oil_spray" | "mayonnaise" | "nut_butter" | "peanut_powder" | "nuts" | "seeds" | "chocolate" | "protein_bar" | "egg" | "egg_white" | "egg_yolk" | "egg_replacer" | "cream_cheese" | "cream" | "thick_yogurt" | "cottage_cheese" | "plant_yogurt" | "cheese" | "plant_cheese" | "milk" | "plant_milk" | "creamer" | "ice_cream" | "mince" | "poultry_mince" | "poultry" | "cured_meat" | "deli_meat" | "jerky" | "meat" | "fish" | "plant_meat" | "tofu" | "legumes" | "bread" | "wrap" | "pasta" | "noodle" | "rice" | "potato" | "crumbs" | "cereal" | "wafer" | "cookie" | "snack" | "pie_crust" | "fruit" | "dried_fruit" | "puree" | "juice" | "vegetable" | "baking_powder" | "baking_soda" | "yeast" | "gum" | "gelatine" | "pudding_mix" | "whipped_topping" | "salt" | "spice" | "seasoning_blend" | "savoury_dust" | "flavouring" | "coffee" | "acid" | "sauce" | "dressing" | "dip" | "stock" | "alcohol" | "soft_drink" | "water" | "other";
            /**
             * Kind By
             * @enum {string}
             */
            kind_by: "said" | "name" | "other names" | "nothing";
            /** Labels */
            labels: components["schemas"]["ShelfLabel"][];
            /** Name */
            name: string;
            /** Removed */
            removed: boolean;
            /** Typical */
            typical: boolean;
            /** Version */
            version: number;
        };
        /**
         * ShelfLabel
         * @description One package as it stands now: its panel and the rest of it.
         */
        ShelfLabel: {
            /** Food Id */
            food_id: number;
            /** Id */
            id: number;
            label: components["schemas"]["Label"];
            package: components["schemas"]["Package"];
            /** Removed */
            removed: boolean;
            /** Revisions */
            revisions: number;
            /**
             * Since
             * Format: date-time
             */
            since: string;
            /** Version */
            version: number;
        };
        /**
         * ShelfLot
         * @description So much in one place since a day: `part` is a component that was kept, in grams. One that is
         *     `late` was to be eaten before today: it is not frozen any more.
         */
        ShelfLot: {
            /** Amount */
            amount: number;
            /** Days Left */
            days_left: number;
            /** Late */
            late: boolean;
            /** Part */
            part: string;
            /**
             * Place
             * @enum {string}
             */
            place: "fridge" | "freezer";
            /**
             * Since
             * Format: date-time
             */
            since: string;
            /**
             * Until
             * Format: date
             */
            until: string;
        };
        /**
         * SimulatorAct
         * @description Something a cook does at a simulated scale (the first unless one is named); `amount` in
         *     grams, seconds, or grams a minute of drift.
         */
        SimulatorAct: {
            /** Act */
            act: ("pour" | "scoop" | "spill" | "sticky" | "person" | "lift" | "put" | "bowl" | "zero" | "division" | "noise" | "settling" | "drift" | "auto_off" | "silence") | string;
            /**
             * Amount
             * @default 0
             */
            amount?: number;
            /** Scale */
            scale?: string | null;
        };
        /** SkippedLine */
        SkippedLine: {
            /** Name */
            name: string;
            /** Reason */
            reason: string;
            /** Target G */
            target_g: number;
        };
        /**
         * Slice
         * @description A layer of a cut bar: kcal of one ingredient in a serving, and what most of them sit in.
         */
        Slice: {
            /** Kcal */
            kcal: number;
            /** Material */
            material: ("protein" | "carbohydrate" | "fat" | "fibre" | "polyols") | null;
        };
        /**
         * Source
         * @description A publication and paragraph, a habit of the trade, or something written down from memory.
         */
        Source: {
            /** Key */
            key: string;
            /** Says */
            says: string;
            standing: components["schemas"]["Standing"];
            /** Title */
            title: string;
        };
        /**
         * Spill
         * @description Guessed from `low_g` to `high_g`, by the usual spread of such a guess where they are not
         *     said, of a line or of the component `bowl`.
         */
        Spill: {
            /**
             * Bowl
             * @default
             */
            bowl?: string;
            /** High G */
            high_g?: number | null;
            /** Id */
            id: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "spill";
            /** Line */
            line?: number | null;
            /** Low G */
            low_g?: number | null;
            /** Net G */
            net_g: number;
            /**
             * Note
             * @default
             */
            note?: string;
            /** @default scale */
            origin?: components["schemas"]["ReadingOrigin"];
        };
        /**
         * Spread
         * @description How far pieces lie from their mean: relative, in grams and in kcal; `pieces` were weighed
         *     for it, `known` says that all of this batch were.
         */
        Spread: {
            /** Grams */
            grams: number | null;
            /** Kcal */
            kcal: number | null;
            /** Known */
            known: boolean;
            /** Least G */
            least_g?: number | null;
            /** Most G */
            most_g?: number | null;
            /** Pieces */
            pieces: number;
            /** Relative */
            relative: number;
            /** This Kcal */
            this_kcal: number[] | null;
        };
        /**
         * Stale
         * @description What is shown of these dishes (with their trials), batches and things of the house is old;
         *     `everything` where they are too many to name. `number` is of the change: it is told once to
         *     whoever made it and once to all, and heard twice it is still one change.
         */
        Stale: {
            /**
             * Batches
             * @default []
             */
            batches?: number[];
            /**
             * Dishes
             * @default []
             */
            dishes?: number[];
            /**
             * Everything
             * @default false
             */
            everything?: boolean;
            /** Number */
            number: number;
            /**
             * Things
             * @default []
             */
            things?: ("shelf" | "stock" | "timers" | "photos" | "blind" | "swaps" | "tasters" | "settings")[];
        };
        /**
         * Standing
         * @description How far a reader can check a source.
         * @enum {string}
         */
        Standing: "published" | "common practice" | "from memory";
        /**
         * Step
         * @description One step. Minutes are a window from least to most; None where nobody has said.
         *
         *     `hands_on` occupies the cook, otherwise it runs by itself; `tool` is what nothing else can use
         *     meanwhile (an oven); `uses` names components, `after` the steps that must be done before;
         *     `first_look_min` is the cook's own first look. Minutes are meant for pieces of `for_piece_g`,
         *     or for `for_whole_g` in one vessel; for one round of `at_a_time` pieces, of a batter those of
         *     `ladle_g`.
         */
        Step: {
            /**
             * After
             * @default []
             */
            after?: string[];
            /**
             * Air
             * @default conventional
             * @enum {string}
             */
            air?: "conventional" | "fan";
            /** At A Time */
            at_a_time?: number | null;
            /**
             * Cue
             * @default
             */
            cue?: string;
            /** First Look Min */
            first_look_min?: number | null;
            /** For Piece G */
            for_piece_g?: number | null;
            /** For Whole G */
            for_whole_g?: number | null;
            /**
             * Hands On
             * @default true
             */
            hands_on?: boolean;
            /** Id */
            id: string;
            /**
             * Kind
             * @enum {string}
             */
            kind: "preheat" | "microwave" | "broil" | "thaw" | "freeze" | "chill" | "cool" | "rest" | "machine" | "pan" | "boil" | "bake" | "portion" | "top" | "mix" | "prep";
            /** Ladle G */
            ladle_g?: number | null;
            /** Least Min */
            least_min?: number | null;
            /** Most Min */
            most_min?: number | null;
            /**
             * Must
             * @default
             */
            must?: string;
            /** Says */
            says: string;
            /** Temperature C */
            temperature_c?: number | null;
            /**
             * Tool
             * @default
             */
            tool?: string;
            /**
             * Uses
             * @default []
             */
            uses?: string[];
            /**
             * Vessel
             * @default
             */
            vessel?: string;
            /**
             * Written
             * @default C
             * @enum {string}
             */
            written?: "C" | "F";
        };
        /**
         * StepAct
         * @description What a record says.
         * @enum {string}
         */
        StepAct: "begin" | "done" | "skip" | "extend" | "look" | "temperature" | "pass" | "outcome" | "guess" | "timer" | "undo";
        /**
         * StepMinutes
         * @description New minutes for a step.
         */
        StepMinutes: {
            /** Least Min */
            least_min: number | null;
            /** Most Min */
            most_min: number | null;
            /** Step Id */
            step_id: string;
        };
        /**
         * StepStatus
         * @description Where a step of a cook stands.
         * @enum {string}
         */
        StepStatus: "waiting" | "going" | "done" | "skipped";
        /**
         * StepText
         * @description A typed line and the steps that it comes after; `key` is made by the sender.
         */
        StepText: {
            /** Key */
            key: string;
            /**
             * Steps
             * @default []
             */
            steps?: components["schemas"]["Step"][];
            /** Text */
            text: string;
        };
        /**
         * StepsEdit
         * @description All steps, with the version that they were read at.
         */
        StepsEdit: {
            /** Steps */
            steps: components["schemas"]["Step"][];
            /** Version */
            version: number;
        };
        /**
         * StepsReport
         * @description All that can be said of steps: by step its estimate, its knob settings and the rule that it
         *     must satisfy, the other ways to do it; what is forgotten, what to be careful with, the tool that
         *     a step needs and that is missing here.
         */
        StepsReport: {
            /** Cautions */
            cautions: components["schemas"]["Caution"][];
            /** Estimates */
            estimates: {
                [key: string]: components["schemas"]["Estimate"];
            };
            /** Forgotten */
            forgotten: components["schemas"]["ForgottenStep"][];
            /** Knobs */
            knobs: {
                [key: string]: components["schemas"]["Knob"];
            };
            /** Lacking */
            lacking: {
                [key: string]: string;
            };
            laid: components["schemas"]["CookSchedule"] | null;
            /** Rules */
            rules: {
                [key: string]: components["schemas"]["SafeRule"];
            };
            /** Ways */
            ways: {
                [key: string]: components["schemas"]["OtherWay"][];
            };
        };
        /**
         * StepsSheet
         * @description The stored steps of a trial, with what they are about.
         */
        StepsSheet: {
            /** Components */
            components: string[];
            /** Family */
            family: ("baked_cup" | "bite" | "blender_pancake" | "bowl" | "brownie" | "cake" | "coated" | "cookie" | "crepe" | "custard" | "dip" | "drink" | "egg" | "fries" | "frozen" | "fruit_bake" | "no_bake" | "pancake" | "pasta" | "patty" | "pizza" | "porridge" | "pot" | "roll" | "sandwich" | "set_base" | "soaked_bread" | "tray" | "waffle" | "wrap") | null;
            report: components["schemas"]["StepsReport"];
            /** Steps */
            steps: components["schemas"]["Step"][];
            /** Trial Id */
            trial_id: number;
            /** Version */
            version: number;
        };
        /**
         * StepsWanted
         * @description Unsaved steps, and when to eat; from now on where nobody says.
         */
        StepsWanted: {
            /** Eat At */
            eat_at?: string | null;
            /** Steps */
            steps: components["schemas"]["Step"][];
        };
        /**
         * StockMove
         * @description What is sent to be booked; `id` is made by the sender. `amount` is in servings of the batch,
         *     in grams of a `part` (a component that was kept); without a `place` it was never put away;
         *     `to` is where a move goes. `note` is a reason, or how it came out when it was warmed up.
         */
        StockMove: {
            /** Amount */
            amount?: number | null;
            /** Id */
            id: string;
            move: components["schemas"]["Move"];
            /**
             * Note
             * @default
             */
            note?: string;
            /**
             * Part
             * @default
             */
            part?: string;
            /**
             * Place
             * @default fridge
             */
            place?: ("fridge" | "freezer") | null;
            /** To */
            to?: ("fridge" | "freezer") | null;
            /** Undoes */
            undoes?: string | null;
        };
        /**
         * StockPage
         * @description What must be eaten first before the rest, and how many batches there are in all.
         */
        StockPage: {
            /** Stocks */
            stocks: components["schemas"]["InStock"][];
            /** Total */
            total: number;
        };
        /**
         * StockedFoods
         * @description How many foods were put on the shelf.
         */
        StockedFoods: {
            /** Foods */
            foods: number;
        };
        /** SuggestedOrder */
        SuggestedOrder: {
            /** Lines */
            lines: number[];
        };
        /**
         * Swap
         * @description What for what. `most` is the share of a line that may go; `likeness` is out of 10. `crumb`:
         *     only where flour or crumbs bake it into a crumb, not in a sauce or a cream. `takes_dry`: its
         *     ratio is of the dry weight. `heats`: its step cooks what comes in.
         */
        Swap: {
            /**
             * Also
             * @default []
             */
            also?: components["schemas"]["Also"][];
            /**
             * Crumb
             * @default false
             */
            crumb?: boolean;
            /**
             * Families
             * @default []
             */
            families?: ("baked_cup" | "bite" | "blender_pancake" | "bowl" | "brownie" | "cake" | "coated" | "cookie" | "crepe" | "custard" | "dip" | "drink" | "egg" | "fries" | "frozen" | "fruit_bake" | "no_bake" | "pancake" | "pasta" | "patty" | "pizza" | "porridge" | "pot" | "roll" | "sandwich" | "set_base" | "soaked_bread" | "tray" | "waffle" | "wrap")[];
            /** Gives */
            gives: components["schemas"]["SwapPart"][];
            /**
             * Heats
             * @default false
             */
            heats?: boolean;
            /** Key */
            key: string;
            /** Likeness */
            likeness?: number | null;
            /**
             * Most
             * @default 1
             */
            most?: number;
            /** Name */
            name: string;
            /**
             * Rule
             * @default
             */
            rule?: string;
            /**
             * Source
             * @default swaps
             */
            source?: string;
            /**
             * Step
             * @default
             */
            step?: string;
            /**
             * Takes
             * @default []
             */
            takes?: ("flour" | "oat_flour" | "oats" | "nut_flour" | "coconut_flour" | "starch" | "self_raising_flour" | "mix" | "fibre" | "cocoa" | "whey_powder" | "protein_blend" | "plant_protein" | "collagen" | "milk_powder" | "sugar" | "brown_sugar" | "powdered_sugar" | "syrup" | "jam" | "sprinkles" | "confection" | "sweetener" | "brown_sweetener" | "powdered_sweetener" | "intense_sweetener" | "butter" | "spread" | "oil" | "oil_spray" | "mayonnaise" | "nut_butter" | "peanut_powder" | "nuts" | "seeds" | "chocolate" | "protein_bar" | "egg" | "egg_white" | "egg_yolk" | "egg_replacer" | "cream_cheese" | "cream" | "thick_yogurt" | "cottage_cheese" | "plant_yogurt" | "cheese" | "plant_cheese" | "milk" | "plant_milk" | "creamer" | "ice_cream" | "mince" | "poultry_mince" | "poultry" | "cured_meat" | "deli_meat" | "jerky" | "meat" | "fish" | "plant_meat" | "tofu" | "legumes" | "bread" | "wrap" | "pasta" | "noodle" | "rice" | "potato" | "crumbs" | "cereal" | "wafer" | "cookie" | "snack" | "pie_crust" | "fruit" | "dried_fruit" | "puree" | "juice" | "vegetable" | "baking_powder" | "baking_soda" | "yeast" | "gum" | "gelatine" | "pudding_mix" | "whipped_topping" | "salt" | "spice" | "seasoning_blend" | "savoury_dust" | "flavouring" | "coffee" | "acid" | "sauce" | "dressing" | "dip" | "stock" | "alcohol" | "soft_drink" | "water" | "other")[];
            /**
             * Takes Dry
             * @default false
             */
            takes_dry?: boolean;
            /** Takes Food Id */
            takes_food_id?: number | null;
            /**
             * Watch
             * @default
             */
            watch?: string;
        };
        /**
         * SwapIn
         * @description So many grams of a package that go in.
         */
        SwapIn: {
            /** Grams */
            grams: number;
            /** Label Id */
            label_id: number;
            /** Name */
            name: string;
        };
        /**
         * SwapLink
         * @description A layer of the original and the layer of the rebuild that stands for it, by key.
         */
        SwapLink: {
            /** Original */
            original: string;
            /** Rebuild */
            rebuild: string;
        };
        /**
         * SwapOption
         * @description One swap on one line, ready to be tried: what goes in, what it does, what to watch.
         *
         *     `rejected` is the cook's reason for not wanting it; `breaks` names needs that it would break.
         */
        SwapOption: {
            /** Breaks */
            breaks: ("vegan" | "no_protein_powder" | "gluten_free" | "nut_free")[];
            change: components["schemas"]["BuildChange"];
            /** Goes In */
            goes_in: components["schemas"]["SwapIn"][];
            /** Key */
            key: string;
            /** Likeness */
            likeness: number | null;
            /** Most */
            most: number;
            moved: components["schemas"]["Effect"];
            /** Name */
            name: string;
            /** Rejected */
            rejected?: string | null;
            /** Rule */
            rule: string;
            /** Share */
            share: number;
            /** Source */
            source: string;
            /** Step */
            step: string;
            /** Swap */
            swap: string;
            /** Watch */
            watch: string;
        };
        /**
         * SwapPart
         * @description What goes in: a food of one of these kinds (or one food), so many grams per gram taken out.
         *
         *     By sweetness, `ratio` is of sucrose equivalents. `lighter` asks for at most four fifths of the
         *     energy of what it replaces, `fat_most` for no more fat than this per gram.
         */
        SwapPart: {
            /**
             * By
             * @default weight
             * @enum {string}
             */
            by?: "weight" | "sweetness";
            /** Fat Most */
            fat_most?: number | null;
            /** Food Id */
            food_id?: number | null;
            /**
             * Kinds
             * @default []
             */
            kinds?: ("flour" | "oat_flour" | "oats" | "nut_flour" | "coconut_flour" | "starch" | "self_raising_flour" | "mix" | "fibre" | "cocoa" | "whey_powder" | "protein_blend" | "plant_protein" | "collagen" | "milk_powder" | "sugar" | "brown_sugar" | "powdered_sugar" | "syrup" | "jam" | "sprinkles" | "confection" | "sweetener" | "brown_sweetener" | "powdered_sweetener" | "intense_sweetener" | "butter" | "spread" | "oil" | "oil_spray" | "mayonnaise" | "nut_butter" | "peanut_powder" | "nuts" | "seeds" | "chocolate" | "protein_bar" | "egg" | "egg_white" | "egg_yolk" | "egg_replacer" | "cream_cheese" | "cream" | "thick_yogurt" | "cottage_cheese" | "plant_yogurt" | "cheese" | "plant_cheese" | "milk" | "plant_milk" | "creamer" | "ice_cream" | "mince" | "poultry_mince" | "poultry" | "cured_meat" | "deli_meat" | "jerky" | "meat" | "fish" | "plant_meat" | "tofu" | "legumes" | "bread" | "wrap" | "pasta" | "noodle" | "rice" | "potato" | "crumbs" | "cereal" | "wafer" | "cookie" | "snack" | "pie_crust" | "fruit" | "dried_fruit" | "puree" | "juice" | "vegetable" | "baking_powder" | "baking_soda" | "yeast" | "gum" | "gelatine" | "pudding_mix" | "whipped_topping" | "salt" | "spice" | "seasoning_blend" | "savoury_dust" | "flavouring" | "coffee" | "acid" | "sauce" | "dressing" | "dip" | "stock" | "alcohol" | "soft_drink" | "water" | "other")[];
            /**
             * Lighter
             * @default false
             */
            lighter?: boolean;
            /**
             * Ratio
             * @default 1
             */
            ratio?: number;
            /**
             * Words
             * @default
             */
            words?: string;
        };
        /**
         * SwapsWanted
         * @description A line of an unsaved build, and how much of it may go; None is as much as each allows.
         */
        SwapsWanted: {
            build: components["schemas"]["Build"];
            /** Line Id */
            line_id: string;
            /** Share */
            share?: number | null;
        };
        /**
         * TakenAmount
         * @description What a typed amount comes to: servings (grams of a part), what they hold and weigh. `there`
         *     is false where there is less than that.
         */
        TakenAmount: {
            /** Amount */
            amount: number;
            /** Grams */
            grams: number | null;
            /** Kcal */
            kcal: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** There */
            there: boolean;
        };
        /**
         * Tare
         * @description What the next net on a scale is measured from: the gross of the record named.
         *
         *     `vessel` is what stood on the scale; `known` when that is its known empty weight and not what
         *     lay on the scale. `tipped_g` went into that bowl beside the scale since;
         *     `tipped_about_g` is half the width of what is not known of it.
         */
        Tare: {
            /** Gross G */
            gross_g: number;
            /**
             * Known
             * @default false
             */
            known?: boolean;
            /**
             * Mode
             * @default gross
             * @enum {string}
             */
            mode?: "gross" | "net";
            /**
             * Record
             * @default
             */
            record?: string;
            /**
             * Tipped About G
             * @default 0
             */
            tipped_about_g?: number;
            /**
             * Tipped G
             * @default 0
             */
            tipped_g?: number;
            /**
             * @default {
             *       "kind": "bowl",
             *       "name": ""
             *     }
             */
            vessel?: components["schemas"]["Container"];
        };
        /**
         * TareTaken
         * @description What stands on the scale is the vessel.
         */
        TareTaken: {
            /**
             * Bowl
             * @default
             */
            bowl?: string;
            /**
             * Division G
             * @default 1
             */
            division_g?: number;
            /** Gross G */
            gross_g: number;
            /** Id */
            id: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "tare";
            /** Line */
            line?: number | null;
            /**
             * Mode
             * @default gross
             * @enum {string}
             */
            mode?: "gross" | "net";
            /**
             * Note
             * @default
             */
            note?: string;
            /** @default scale */
            origin?: components["schemas"]["ReadingOrigin"];
            /** Piece */
            piece?: number | null;
            /**
             * Scale
             * @default kitchen scale
             */
            scale?: string;
            /** Seen */
            seen?: string | null;
            /**
             * Stable
             * @default true
             */
            stable?: boolean;
            /** Tare Record */
            tare_record?: string | null;
            /**
             * Way
             * @default into
             * @enum {string}
             */
            way?: "into" | "out_of";
        };
        /**
         * Task
         * @description What is being weighed. `left_g` is what is still to pour; None when there is no target.
         *
         *     `auto` lets the machine act; `vessel` is what should stand on the scale, `empty_g` its known
         *     empty weight. With a `piece` it is a portion that is filled, or topped up.
         */
        Task: {
            /**
             * Auto
             * @default false
             */
            auto?: boolean;
            /**
             * Bowl
             * @default
             */
            bowl?: string;
            /** Empty G */
            empty_g?: number | null;
            /**
             * Free
             * @default false
             */
            free?: boolean;
            /** Left G */
            left_g?: number | null;
            /** Line */
            line?: number | null;
            /**
             * Needs Vessel
             * @default false
             */
            needs_vessel?: boolean;
            /**
             * Nudge
             * @default 0
             */
            nudge?: number;
            /** Piece */
            piece?: number | null;
            tare?: components["schemas"]["Tare"] | null;
            /**
             * Topping Up
             * @default false
             */
            topping_up?: boolean;
            /**
             * @default {
             *       "kind": "bowl",
             *       "name": ""
             *     }
             */
            vessel?: components["schemas"]["Container"];
            /**
             * Way
             * @default into
             * @enum {string}
             */
            way?: "into" | "out_of";
        };
        /**
         * TasteOnCard
         * @description How the trial was found: what became of it, its score, what its change did in a sentence.
         */
        TasteOnCard: {
            /** Credit */
            credit: string;
            score: components["schemas"]["Score"] | null;
            verdict: components["schemas"]["TasteVerdict"];
        };
        /**
         * TasteSheet
         * @description All that the Taste stage of a batch shows. `tastings` are those of this batch, newest first,
         *     and those of the dish's original.
         */
        TasteSheet: {
            /** Batch Id */
            batch_id: number;
            /** Closed */
            closed: boolean;
            /** Dish */
            dish: string;
            /** Dish Id */
            dish_id: number;
            /** Finishes */
            finishes: string[];
            /** Habits */
            habits: components["schemas"]["GuessHabit"][];
            /** Letter */
            letter: string;
            /** Of Original */
            of_original: components["schemas"]["Tasting"][];
            /** Original */
            original: string;
            /** Tasters */
            tasters: components["schemas"]["Taster"][];
            /** Tastings */
            tastings: components["schemas"]["Tasting"][];
            /** Trial Id */
            trial_id: number;
            verdict: components["schemas"]["TasteVerdict"];
            /** Verdict Version */
            verdict_version: number;
        };
        /**
         * TasteVerdict
         * @description What becomes of a trial. `change` is what to change, one thing if it can be.
         */
        TasteVerdict: {
            /**
             * Change
             * @default
             */
            change?: string;
            /**
             * Lesson
             * @default
             */
            lesson?: string;
            /** Stamp */
            stamp?: ("keep" | "change" | "drop") | null;
        };
        /**
         * Taster
         * @description Somebody who tastes; `tastings` are how many are kept.
         */
        Taster: {
            /** Id */
            id: number;
            /** Name */
            name: string;
            /** Removed */
            removed: boolean;
            /** Tastings */
            tastings: number;
        };
        /**
         * TasterEdit
         * @description A new name, or whether the taster is out of the list.
         */
        TasterEdit: {
            /** Name */
            name?: string | null;
            /** Removed */
            removed?: boolean | null;
        };
        /**
         * Tasting
         * @description What one taster said. `counts` are the marks as they count, `overall` their weighted mean,
         *     `later` how full it still was by the hours after; `guesses` what was guessed and what it was.
         */
        Tasting: {
            /** Archived */
            archived: boolean;
            /**
             * At
             * Format: date-time
             */
            at: string;
            /** Batch Id */
            batch_id: number | null;
            /** Counts */
            counts: {
                [key: string]: number;
            };
            /** Guesses */
            guesses: components["schemas"]["Guess"][];
            /** Id */
            id: string;
            /** Later */
            later: {
                [key: string]: string;
            };
            /** Letter */
            letter: string;
            /** Overall */
            overall: number | null;
            sheet: components["schemas"]["TastingSheet"];
            /** Taster */
            taster: string;
            /** Taster Id */
            taster_id: number;
            /** Trial Id */
            trial_id: number | null;
        };
        /**
         * TastingSheet
         * @description What one taster says of a batch, or of the original; `id` is made by the sender.
         *
         *     `how` is how it was reheated, `finish` what it was eaten with, `fullness` how full it left at
         *     once (0-10), `eaten_min` minutes to eat it, `volume_ml` how much one serving takes up;
         *     `guess_kcal` and `guess_g` were guessed of a serving before the answer was shown;
         *     `replaces` is the tasting that this one corrects.
         */
        TastingSheet: {
            /** Again */
            again?: ("yes" | "with_a_change" | "no") | null;
            /**
             * Against
             * @default nothing
             * @enum {string}
             */
            against?: "original" | "remembered" | "last_trial" | "nothing";
            /** Eaten Min */
            eaten_min?: number | null;
            /**
             * Finish
             * @default
             */
            finish?: string;
            /** Fullness */
            fullness?: string | null;
            /** Guess G */
            guess_g?: number | null;
            /** Guess Kcal */
            guess_kcal?: number | null;
            /**
             * How
             * @default
             */
            how?: string;
            /** Id */
            id: string;
            /** Marks */
            marks?: {
                [key: string]: string;
            };
            /**
             * Note
             * @default
             */
            note?: string;
            /**
             * Of Original
             * @default false
             */
            of_original?: boolean;
            /** Replaces */
            replaces?: string | null;
            /**
             * State
             * @default fresh
             * @enum {string}
             */
            state?: "fresh" | "next_day" | "thawed" | "reheated";
            /** Taster Id */
            taster_id: number;
            /** Volume Ml */
            volume_ml?: number | null;
            /**
             * Words
             * @default []
             */
            words?: string[];
        };
        /**
         * Terms
         * @description What the build is meant to be: its goal, its family, what it must do without, and how much of
         *     a component is `eaten` where not all of it is.
         */
        Terms: {
            /**
             * Confirm Family
             * @default false
             */
            confirm_family?: boolean;
            /**
             * Dismissed
             * @default []
             */
            dismissed?: components["schemas"]["Dismissal"][];
            /** Eaten */
            eaten?: {
                [key: string]: components["schemas"]["EatenShare"];
            };
            /** Family */
            family?: ("baked_cup" | "bite" | "blender_pancake" | "bowl" | "brownie" | "cake" | "coated" | "cookie" | "crepe" | "custard" | "dip" | "drink" | "egg" | "fries" | "frozen" | "fruit_bake" | "no_bake" | "pancake" | "pasta" | "patty" | "pizza" | "porridge" | "pot" | "roll" | "sandwich" | "set_base" | "soaked_bread" | "tray" | "waffle" | "wrap") | null;
            /**
             * Fat School
             * @default keep
             * @enum {string}
             */
            fat_school?: "keep" | "none";
            /**
             * @default {
             *       "bowls": {},
             *       "carbohydrate_g": {},
             *       "carbohydrate_per_protein": {},
             *       "cost": {},
             *       "fat_energy": {},
             *       "fat_g": {},
             *       "fibre_g": {},
             *       "hands_on_min": {},
             *       "kcal": {},
             *       "net_carbohydrate_g": {},
             *       "protein_energy": {},
             *       "protein_g": {},
             *       "ratio_means": "total",
             *       "serving_g": {}
             *     }
             */
            goal?: components["schemas"]["Goal"];
            /**
             * Needs
             * @default []
             */
            needs?: ("vegan" | "no_protein_powder" | "gluten_free" | "nut_free")[];
            /**
             * Sweetness Least
             * @default 0.7
             */
            sweetness_least?: number;
        };
        /**
         * ThicknessWay
         * @description What one thickness takes: grams added in all, from least to most where nobody has weighed it;
         *     `own` is by the cook's own ratio. `ratio_key` is by which that ratio is kept.
         */
        ThicknessWay: {
            /** Grams */
            grams: number;
            /** Least G */
            least_g: number;
            /** Most G */
            most_g: number;
            /** Own */
            own: boolean;
            /** Ratio Key */
            ratio_key: string;
            /**
             * Thickness
             * @enum {string}
             */
            thickness: "fill" | "spread" | "dip" | "drizzle" | "spoon" | "milkshake" | "body";
        };
        /**
         * TimeScaling
         * @description How many times the stated minutes it takes, and what they were scaled from.
         *
         *     `piece_g` is what one piece weighs here, `whole_g` all that the step works on.
         */
        TimeScaling: {
            /** Factor */
            factor: number;
            /** Piece G */
            piece_g: number | null;
            /** Says */
            says: string;
            /** Whole G */
            whole_g: number | null;
        };
        /**
         * TimedBake
         * @description One time that a step was timed in an oven (or another tool).
         */
        TimedBake: {
            /** Actual Min */
            actual_min: number;
            /**
             * At
             * Format: date-time
             */
            at: string;
            /** Dish */
            dish: string;
            /**
             * Kind
             * @enum {string}
             */
            kind: "preheat" | "microwave" | "broil" | "thaw" | "freeze" | "chill" | "cool" | "rest" | "machine" | "pan" | "boil" | "bake" | "portion" | "top" | "mix" | "prep";
            /** Outcome */
            outcome?: ("under" | "right" | "over") | null;
            /**
             * Ratio
             * @description What it took for what was stated; what came out over or under would have needed another
             *     time.
             */
            readonly ratio: number;
            /** Stated Min */
            stated_min: number;
            /** Tool */
            tool: string;
            /** Vessel */
            vessel: string;
        };
        /**
         * Timers
         * @description Everything that runs, soonest first; `now` is the server's clock.
         */
        Timers: {
            /**
             * Now
             * Format: date-time
             */
            now: string;
            /** Running */
            running: components["schemas"]["RunningTimer"][];
        };
        /**
         * ToleranceLimits
         * @description What the law allows a printed figure to stand for; None is without a limit that way.
         */
        ToleranceLimits: {
            /** Field */
            field: string;
            /** Least */
            least: number | null;
            /** Most */
            most: number | null;
            /** Printed */
            printed: number;
        };
        /**
         * Topping
         * @description So many grams of a food fit, and bring this.
         */
        Topping: {
            /** Grams */
            grams: number;
            /** In Build */
            in_build: boolean;
            /** Kcal */
            kcal: number;
            /** Label Id */
            label_id: number;
            /** Name */
            name: string;
            /** Protein G */
            protein_g: number | null;
        };
        /**
         * TrialDifference
         * @description Lines that differ, in working order, and all figures.
         */
        TrialDifference: {
            /** Figures */
            figures: components["schemas"]["FigureDifference"][];
            /** Grams After */
            grams_after: number | null;
            /** Grams Before */
            grams_before: number | null;
            /** Lines */
            lines: components["schemas"]["LineDifference"][];
            /** Portions After */
            portions_after: number | null;
            /** Portions Before */
            portions_before: number | null;
            /** Weighed After */
            weighed_after: string | null;
            /** Weighed Before */
            weighed_before: string | null;
        };
        /**
         * TrialEntry
         * @description One trial. `kcal`, `protein_g` and `grams` are of one serving as last weighed, else as it is
         *     planned; `far` came out far off its plan; `kcal_equal` is of a serving as heavy as the
         *     original's; `unbeaten` on which plots no other trial beats it.
         */
        TrialEntry: {
            /** Again */
            again: number;
            /** Archived */
            archived: boolean;
            /** Arms */
            arms: components["schemas"]["ArmEntry"][];
            /** Batch Id */
            batch_id: number | null;
            /** Broken */
            broken: string;
            /** Changes */
            changes: components["schemas"]["LineDifference"][];
            /** Copied From */
            copied_from: number | null;
            /** Cost */
            cost: number | null;
            /**
             * Created At
             * Format: date-time
             */
            created_at: string;
            credit: components["schemas"]["Credit"] | null;
            /** Days */
            days: number | null;
            /** Far */
            far: components["schemas"]["FarLine"][];
            /** Grams */
            grams: number | null;
            /** Id */
            id: number;
            /** Intent */
            intent: string;
            /** Kcal */
            kcal: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            /** Kcal Equal */
            kcal_equal: number | null;
            /** Letter */
            letter: string;
            /** Made At */
            made_at: string | null;
            /** Minutes */
            minutes: number | null;
            /** Protein G */
            protein_g: components["schemas"]["Figure"] | components["schemas"]["PartlyKnown"] | null;
            score: components["schemas"]["Score"] | null;
            /** Steps Changed */
            steps_changed: string[];
            /** Unbeaten */
            unbeaten: ("kcal" | "protein_g" | "cost" | "minutes")[];
            verdict: components["schemas"]["TasteVerdict"];
            /** Verdict Version */
            verdict_version: number;
            /** Words */
            words: components["schemas"]["WordCount"][];
        };
        /**
         * TrialSheet
         * @description A trial as stored: its build, the shelf labels it uses, and its report.
         */
        TrialSheet: {
            build: components["schemas"]["Build"];
            /** Copied From */
            copied_from: number | null;
            /** Dish */
            dish: string;
            /** Dish Id */
            dish_id: number;
            /** Id */
            id: number;
            /** Intent */
            intent: string;
            /** Is Original */
            is_original: boolean;
            /** Labels */
            labels: {
                [key: string]: components["schemas"]["ShelfLabel"];
            };
            /** Letter */
            letter: string;
            report: components["schemas"]["BuildReport"];
            /** Version */
            version: number;
        };
        /** TrialSummary */
        TrialSummary: {
            /** Archived */
            archived: boolean;
            /** Batches */
            batches: components["schemas"]["BatchSummary"][];
            /** Copied From */
            copied_from: number | null;
            /** Id */
            id: number;
            /** Intent */
            intent: string;
            /** Letter */
            letter: string;
            verdict: components["schemas"]["TasteVerdict"];
        };
        /**
         * TrialVerdict
         * @description What became of a trial, with its version.
         */
        TrialVerdict: {
            /** Letter */
            letter: string;
            /** Trial Id */
            trial_id: number;
            verdict: components["schemas"]["TasteVerdict"];
            /** Version */
            version: number;
        };
        /**
         * Turn
         * @description The weigh-in goes to this line.
         */
        Turn: {
            /** Id */
            id: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "turn";
            /** Line */
            line: number;
            /**
             * Note
             * @default
             */
            note?: string;
            /** @default scale */
            origin?: components["schemas"]["ReadingOrigin"];
            /** Seen */
            seen?: string | null;
        };
        /**
         * Undo
         * @description An earlier record is taken back; it stays in the book.
         */
        Undo: {
            /** Id */
            id: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "undo";
            /**
             * Note
             * @default
             */
            note?: string;
            /** @default scale */
            origin?: components["schemas"]["ReadingOrigin"];
            /** Undoes */
            undoes: string;
        };
        /**
         * Unjudged
         * @description A trial that was made and waits for a verdict.
         */
        Unjudged: {
            /** Batch Id */
            batch_id: number;
            /**
             * Closed At
             * Format: date-time
             */
            closed_at: string;
            /** Dish */
            dish: string;
            /** Dish Id */
            dish_id: number;
            /** Letter */
            letter: string;
            /** Tastings */
            tastings: number;
            /** Trial Id */
            trial_id: number;
        };
        /** UnmatchedLine */
        UnmatchedLine: {
            /** Id */
            id: number;
            /** Text */
            text: string;
        };
        /**
         * UnweighedLine
         * @description A line that was estimated: its range, what a serving's kcal margin would lose if it had been
         *     weighed, and its share of that margin's variance.
         */
        UnweighedLine: {
            /** High G */
            high_g: number;
            /** Low G */
            low_g: number;
            /** Margin Kcal */
            margin_kcal: number;
            /** Margin Share */
            margin_share: number;
            /** Name */
            name: string;
            /** Net G */
            net_g: number;
        };
        /**
         * UsedWord
         * @description A word of the line as it was typed, and what it was taken for.
         */
        UsedWord: {
            /**
             * Went To
             * @enum {string}
             */
            went_to: "amount" | "food" | "state" | "part" | "preparation" | "not used";
            /** Word */
            word: string;
        };
        /**
         * UsuallyEaten
         * @description How much of a component usually is, and of what that is so.
         */
        UsuallyEaten: {
            /** Least */
            least: number;
            /** Most */
            most: number;
            /** Says */
            says: string;
        };
        /**
         * VerdictEdit
         * @description A verdict, with the version that it was read at.
         */
        VerdictEdit: {
            verdict: components["schemas"]["TasteVerdict"];
            /** Version */
            version: number;
        };
        /**
         * VersionEffect
         * @description A trial or batch that uses the label: one serving as it stands, and re-reckoned.
         */
        VersionEffect: {
            /** Batch Id */
            batch_id: number | null;
            /** Dish */
            dish: string;
            /** Dish Id */
            dish_id: number;
            /** Kcal After */
            kcal_after: number | null;
            /** Kcal Before */
            kcal_before: number | null;
            /** Letter */
            letter: string;
            /** Made At */
            made_at: string | null;
            /** Protein After */
            protein_after: number | null;
            /** Protein Before */
            protein_before: number | null;
            /** Trial Id */
            trial_id: number;
        };
        /**
         * Vessel
         * @description A bowl, pan or set of cups: its empty weight, and what each of `cups` holds.
         */
        Vessel: {
            /**
             * Cups
             * @default 1
             */
            cups?: number;
            /** Empty G */
            empty_g?: number | null;
            /** Name */
            name: string;
            /** Volume Ml */
            volume_ml?: number | null;
        };
        /**
         * VesselFill
         * @description The mixture in its pan or cups: share filled from least to most, and what ¾ would hold.
         */
        VesselFill: {
            /** Fits From G */
            fits_from_g: number;
            /** Fits To G */
            fits_to_g: number;
            /** Least */
            least: number;
            /** Most */
            most: number;
            /** Too Much */
            too_much: boolean;
            /** Vessel */
            vessel: string;
            /** Volume Ml */
            volume_ml: number;
        };
        /**
         * WaitingForVerdict
         * @description The newest of them, and how many there are.
         */
        WaitingForVerdict: {
            /** Total */
            total: number;
            /** Trials */
            trials: components["schemas"]["Unjudged"][];
        };
        /**
         * WeighPlan
         * @description Every line in working order, with the batch version that it was read at.
         */
        WeighPlan: {
            /** Lines */
            lines: components["schemas"]["PlannedPour"][];
            /** Version */
            version: number;
        };
        /**
         * WeighedBack
         * @description What of a component was not used, or ran off it.
         */
        WeighedBack: {
            /** Bowl */
            bowl: string;
            /**
             * Division G
             * @default 1
             */
            division_g?: number;
            /** Gross G */
            gross_g?: number | null;
            /** Id */
            id: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "fat" | "leftover";
            /**
             * Mode
             * @default gross
             * @enum {string}
             */
            mode?: "gross" | "net";
            /** Net G */
            net_g?: number | null;
            /**
             * Note
             * @default
             */
            note?: string;
            /** @default scale */
            origin?: components["schemas"]["ReadingOrigin"];
            /**
             * Scale
             * @default kitchen scale
             */
            scale?: string;
            /**
             * Stable
             * @default true
             */
            stable?: boolean;
            /** Tare Record */
            tare_record?: string | null;
            /**
             * Way
             * @default into
             * @enum {string}
             */
            way?: "into" | "out_of";
        };
        /**
         * Weights
         * @description How much each quality counts in the overall mark. They need not add up to anything.
         */
        Weights: {
            /**
             * Likeness
             * @default 2
             */
            likeness?: number;
            /**
             * Look
             * @default 1
             */
            look?: number;
            /**
             * Taste
             * @default 4
             */
            taste?: number;
            /**
             * Texture
             * @default 3
             */
            texture?: number;
        };
        /**
         * Whereabouts
         * @description Where a dish, a trial or a batch is kept.
         */
        Whereabouts: {
            /**
             * Where
             * @enum {string}
             */
            where: "here" | "archive" | "deleted";
        };
        /**
         * Whole
         * @description The whole mixture, or the whole batch as it came out of the heat.
         */
        Whole: {
            /**
             * Bowl
             * @default
             */
            bowl?: string;
            /**
             * Division G
             * @default 1
             */
            division_g?: number;
            /** Gross G */
            gross_g?: number | null;
            /** Id */
            id: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "cooked" | "mixture";
            /**
             * Mode
             * @default gross
             * @enum {string}
             */
            mode?: "gross" | "net";
            /** Net G */
            net_g?: number | null;
            /**
             * Note
             * @default
             */
            note?: string;
            /** @default scale */
            origin?: components["schemas"]["ReadingOrigin"];
            /**
             * Scale
             * @default kitchen scale
             */
            scale?: string;
            /**
             * Stable
             * @default true
             */
            stable?: boolean;
            /** Tare Record */
            tare_record?: string | null;
            /**
             * Way
             * @default into
             * @enum {string}
             */
            way?: "into" | "out_of";
        };
        /**
         * WordCount
         * @description A word, and how many tasters said it.
         */
        WordCount: {
            /** Tasters */
            tasters: number;
            /** Word */
            word: string;
        };
        /**
         * WorkedProposal
         * @description A proposal with the serving that it makes and how its goals stand.
         */
        WorkedProposal: {
            /** Goals */
            goals: components["schemas"]["GoalState"][];
            proposal: components["schemas"]["Proposal"];
            serving: components["schemas"]["Portion"];
        };
        /**
         * Yield
         * @description Raw and cooked grams, the share that is left, and what is usual; `says` when it is far.
         */
        Yield: {
            /** Cooked G */
            cooked_g: number;
            /** Raw G */
            raw_g: number;
            /** Says */
            says: string;
            /** Share */
            share: number;
            /** Usual Loss */
            usual_loss: number[] | null;
        };
    };
    responses: never;
    parameters: never;
    requestBodies: never;
    headers: never;
    pathItems: never;
}
export type $defs = Record<string, never>;
export interface operations {
    about: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["About"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    audit_label: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "basis_g": 40,
                 *       "carbohydrate_g": 27,
                 *       "fat_g": 3,
                 *       "fibre_g": 4,
                 *       "kcal": 150,
                 *       "name": "Rolled oats",
                 *       "protein_g": 5,
                 *       "style": "us"
                 *     }
                 */
                "application/json": components["schemas"]["Label"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Audit"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    take_in: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "components": [
                 *         {
                 *           "lines": [
                 *             {
                 *               "grams": 160,
                 *               "label": "oats"
                 *             },
                 *             {
                 *               "grams": 60,
                 *               "label": "protein"
                 *             }
                 *           ],
                 *           "name": "Batter"
                 *         }
                 *       ],
                 *       "format": "gasket-batch",
                 *       "labels": {
                 *         "oats": {
                 *           "basis_g": 40,
                 *           "carbohydrate_g": 27,
                 *           "fat_g": 3,
                 *           "fibre_g": 4,
                 *           "kcal": 150,
                 *           "name": "Rolled oats",
                 *           "protein_g": 5,
                 *           "style": "us"
                 *         },
                 *         "protein": {
                 *           "basis_g": 100,
                 *           "carbohydrate_g": 9,
                 *           "fat_g": 2.6,
                 *           "fibre_g": 0.4,
                 *           "kcal": 372,
                 *           "name": "Milk protein, vanilla",
                 *           "protein_g": 78,
                 *           "salt_g": 0.7,
                 *           "saturated_g": 1.4,
                 *           "style": "eu",
                 *           "sugars_g": 6.1
                 *         }
                 *       },
                 *       "name": "Baked oats",
                 *       "portions": {
                 *         "count": 4
                 *       },
                 *       "version": 1
                 *     }
                 */
                "application/json": components["schemas"]["Batch"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BatchSheet"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    batch: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BatchSheet"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    arms_sheet: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ArmsSheet"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    divide_into_arms: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "arms": [
                 *         {
                 *           "name": "35 min",
                 *           "pieces": 4
                 *         },
                 *         {
                 *           "name": "30 min",
                 *           "pieces": 4
                 *         }
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["NewArms"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ArmsSheet"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    as_plan: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TrialSheet"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    show_card: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Card"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    choices: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "line": 15,
                 *       "net_g": 530
                 *     }
                 */
                "application/json": components["schemas"]["OnTheScale"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Choices"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    close: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BatchSheet"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    closing_report: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ClosingReport"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    cook: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CookSheet"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    log_deed: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "deed": "timer",
                 *       "id": "0d6a7f3e-2b64-4b9f-8a0d-1c2f7b9e5a20",
                 *       "minutes": 12,
                 *       "note": "Turn the tray"
                 *     }
                 */
                "application/json": components["schemas"]["CookDeed"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CookSheet"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    take_plan: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CookSheet"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    amend: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "id": "91f3c7de-0a5b-49d2-b0f6-8d24a1c67b35",
                 *       "line": 2,
                 *       "net_g": 168,
                 *       "note": "The display was misread."
                 *     }
                 */
                "application/json": components["schemas"]["Amendment"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BatchSheet"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    withdraw: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
                record_id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BatchSheet"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    divide: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "pieces": 9,
                 *       "way": "count"
                 *     }
                 */
                "application/json": components["schemas"]["Dividing"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BatchSheet"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    export: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Batch"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    save_finishes: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "finishes": [
                 *         {
                 *           "id": "berries",
                 *           "lines": [
                 *             {
                 *               "grams": 40,
                 *               "label_id": 2
                 *             }
                 *           ],
                 *           "name": "With berries"
                 *         }
                 *       ],
                 *       "version": 1
                 *     }
                 */
                "application/json": components["schemas"]["FinishesEdit"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Plates"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    set_hands_free: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "on": true
                 *     }
                 */
                "application/json": components["schemas"]["HandsFree"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BatchSheet"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    keep_as: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "name": "Traybake, my own"
                 *     }
                 */
                "application/json": components["schemas"]["KeepAs"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ShelfFood"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    add_line: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "component": "Chicken",
                 *       "key": "a-pinch-more",
                 *       "label_id": 2,
                 *       "target_g": 12
                 *     }
                 */
                "application/json": components["schemas"]["NewBatchLine"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BatchSheet"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    measured: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
                /** @description The id of a thing in this kitchen. */
                line_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "text": "2 tbsp"
                 *     }
                 */
                "application/json": components["schemas"]["MeasureText"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["AmountReading"][];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    set_nudge: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "divisions": 1
                 *     }
                 */
                "application/json": components["schemas"]["Nudge"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BatchSheet"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    batch_photos: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Photo"][];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    add_photo: {
        parameters: {
            query: {
                stage: "mixture" | "top" | "cut" | "plate";
                id: string;
            };
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "image/jpeg": string;
                "image/png": string;
                "image/webp": string;
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Photo"][];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    arrange: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "lines": [
                 *         {
                 *           "bowl": "Chicken",
                 *           "id": 15,
                 *           "way": "out_of"
                 *         }
                 *       ],
                 *       "version": 1
                 *     }
                 */
                "application/json": components["schemas"]["WeighPlan"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BatchSheet"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    portion_sheet: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PortionSheet"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    rehearse: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "on": true,
                 *       "seed": 7
                 *     }
                 */
                "application/json": components["schemas"]["Rehearsal"];
            };
        };
        responses: {
            /** @description Successful Response */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    batch_stock: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BatchStock"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    book_stock: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "amount": 1,
                 *       "id": "e2a60b18-7c9d-4f35-9e61-4ab8d05f7c42",
                 *       "move": "eaten",
                 *       "place": "fridge"
                 *     }
                 */
                "application/json": components["schemas"]["StockMove"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BatchStock"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    taken_amount: {
        parameters: {
            query: {
                place: "fridge" | "freezer";
                typed: number;
                in_grams?: boolean;
            };
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TakenAmount"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    suggested_order: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SuggestedOrder"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    taste_sheet: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TasteSheet"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    record_tasting: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "again": "with_a_change",
                 *       "against": "original",
                 *       "id": "3f8e5b90-6d17-4a2c-8c54-b17e92d0f366",
                 *       "marks": {
                 *         "taste": "7.5",
                 *         "texture": "6"
                 *       },
                 *       "note": "Better the next day, I think.",
                 *       "state": "fresh",
                 *       "taster_id": 1,
                 *       "words": [
                 *         "dry"
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["TastingSheet"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TasteSheet"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    record: {
        parameters: {
            query?: {
                /** @description The number of the batch sheet that the sender has. */
                since?: number | null;
            };
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "id": "6b1f0c52-8f0e-4d0a-9a70-3d6f2c1a7e11",
                 *       "kind": "line",
                 *       "line": 15,
                 *       "net_g": 498,
                 *       "origin": "hand",
                 *       "seen": "open"
                 *     }
                 */
                "application/json": components["schemas"]["TareTaken"] | components["schemas"]["Pour"] | components["schemas"]["Whole"] | components["schemas"]["PieceFilled"] | components["schemas"]["WeighedBack"] | components["schemas"]["OddPiece"] | components["schemas"]["Turn"] | components["schemas"]["LineEnded"] | components["schemas"]["PutOff"] | components["schemas"]["FoodUsed"] | components["schemas"]["Carry"] | components["schemas"]["Spill"] | components["schemas"]["Undo"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SheetChange"] | components["schemas"]["BatchSheet"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    put_batch: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                batch_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "where": "archive"
                 *     }
                 */
                "application/json": components["schemas"]["Whereabouts"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Whereabouts"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    blind_prospect: {
        parameters: {
            query: {
                kind: "triangle" | "preference";
                seats: number;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Prospect"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    blind_test: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                test_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BlindSheet"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    answer_blind: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                test_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "code": 417,
                 *       "id": "5a9c2d77-e8b1-4f06-93da-7f40c6e18b29",
                 *       "seat": 1,
                 *       "taster_id": 1
                 *     }
                 */
                "application/json": components["schemas"]["BlindAnswer"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BlindSheet"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    blind_cups: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                test_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BlindCups"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    end_blind: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                test_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BlindSheet"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    put_blind: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                test_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "removed": true
                 *     }
                 */
                "application/json": components["schemas"]["PutAwayTest"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BlindSheet"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    check_claimed: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "claims": [
                 *         {
                 *           "batch": {
                 *             "kcal": 1680
                 *           },
                 *           "name": "one square",
                 *           "serving": {
                 *             "carbohydrate_g": 22,
                 *             "fat_g": 7,
                 *             "kcal": 210,
                 *             "protein_g": 14
                 *           },
                 *           "servings": 8
                 *         }
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["ClaimSheet"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ClaimReport"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    read_claims: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "text": "210 kcal, 14 g protein, 22 g carbs, 7 g fat, makes 8"
                 *     }
                 */
                "application/json": components["schemas"]["ClaimText"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Claim"][];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    compare: {
        parameters: {
            query: {
                labels: number[];
                trial?: number | null;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Comparison"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    dish_names: {
        parameters: {
            query?: {
                search?: string;
                limit?: number;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DishName"][];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    add_dish: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "name": "Lemon traybake"
                 *     }
                 */
                "application/json": components["schemas"]["NewDish"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DishSheet"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    add_example: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DishSheet"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    dish: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                dish_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DishSheet"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    blind_tests_of: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                dish_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BlindSummary"][];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    begin_blind_test: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                dish_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "kind": "triangle",
                 *       "name_a": "A",
                 *       "name_b": "B",
                 *       "seats": 6
                 *     }
                 */
                "application/json": components["schemas"]["NewBlindTest"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BlindSheet"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    duplicate: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                dish_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DishSheet"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    dish_history: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                dish_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["History"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    edit_original: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                dish_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "carbohydrate_g": 55,
                 *       "fat_g": 21,
                 *       "kcal": 430,
                 *       "name": "Traybake slice from the corner bakery",
                 *       "protein_g": 5,
                 *       "serving_g": 110,
                 *       "source_note": "From the counter's sheet.",
                 *       "version": 1
                 *     }
                 */
                "application/json": components["schemas"]["OriginalEdit"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DishSheet"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    start_original: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                dish_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TrialSheet"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    rejected: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                dish_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RejectedSwap"][];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    reject: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                dish_id: number;
                swap: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "reason": "It turned rubbery."
                 *     }
                 */
                "application/json": components["schemas"]["Rejection"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RejectedSwap"][];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    allow: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                dish_id: number;
                swap: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RejectedSwap"][];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    repair_dish: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                dish_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MendReport"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    dish_serving: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                dish_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ServingOfDish"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    copy_trial: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                dish_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "copy_of": 1,
                 *       "intent": "A third of the flour as milk protein."
                 *     }
                 */
                "application/json": components["schemas"]["NewTrial"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TrialSheet"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    put_dish: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                dish_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "where": "archive"
                 *     }
                 */
                "application/json": components["schemas"]["Whereabouts"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Whereabouts"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    foods: {
        parameters: {
            query?: {
                search?: string;
                limit?: number;
                offset?: number;
                mine?: boolean;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FoodPage"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    add_food: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "label": {
                 *         "basis_g": 100,
                 *         "carbohydrate_g": 9,
                 *         "fat_g": 2.6,
                 *         "fibre_g": 0.4,
                 *         "kcal": 372,
                 *         "name": "Milk protein, vanilla",
                 *         "protein_g": 78,
                 *         "salt_g": 0.7,
                 *         "saturated_g": 1.4,
                 *         "style": "eu",
                 *         "sugars_g": 6.1
                 *       },
                 *       "name": "Milk protein",
                 *       "package": {
                 *         "allergens": [
                 *           "milk"
                 *         ],
                 *         "pack_g": 700,
                 *         "price": 21.5
                 *       }
                 *     }
                 */
                "application/json": components["schemas"]["NewFood"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ShelfFood"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    food: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                food_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ShelfFood"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    edit_food: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                food_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "facts": {
                 *         "measures": [
                 *           {
                 *             "grams": 82,
                 *             "name": "large",
                 *             "origin": "weighed"
                 *           }
                 *         ],
                 *         "refuse_share": 0.12
                 *       },
                 *       "name": "Carrots, whole",
                 *       "version": 1
                 *     }
                 */
                "application/json": components["schemas"]["FoodEdit"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ShelfFood"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    add_label: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                food_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "label": {
                 *         "basis_g": 100,
                 *         "carbohydrate_g": 9,
                 *         "fat_g": 2.6,
                 *         "fibre_g": 0.4,
                 *         "kcal": 372,
                 *         "name": "Milk protein, vanilla",
                 *         "protein_g": 78,
                 *         "salt_g": 0.7,
                 *         "saturated_g": 1.4,
                 *         "style": "eu",
                 *         "sugars_g": 6.1
                 *       },
                 *       "package": {
                 *         "allergens": [
                 *           "milk"
                 *         ],
                 *         "pack_g": 700,
                 *         "price": 21.5
                 *       }
                 *     }
                 */
                "application/json": components["schemas"]["NewLabel"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ShelfFood"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    put_food: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                food_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "on_shelf": true
                 *     }
                 */
                "application/json": components["schemas"]["OnShelf"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ShelfFood"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    tell: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                food_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "grams": 31,
                 *       "kind": "measure",
                 *       "measure": "scoop"
                 *     }
                 */
                "application/json": components["schemas"]["MeasureAnswer"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ShelfFood"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    grams: {
        parameters: {
            query: {
                text: string;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["GramsOfLabel"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    health: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Health"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    ranked_keepers: {
        parameters: {
            query?: {
                score?: number;
                kcal?: number;
                protein_g?: number;
                minutes?: number;
                cost?: number;
                days?: number;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["KeeperRanking"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    kitchen: {
        parameters: {
            query?: {
                limit?: number;
                offset?: number;
                search?: string;
                tag?: string;
                sort?: "touched" | "name" | "newest";
                archived?: boolean;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["KitchenView"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    pasted_panel: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "text": "150 kcal, 5 protein, 27 carbs, 3 fat, 4 fibre per 40 g"
                 *     }
                 */
                "application/json": components["schemas"]["PanelText"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PastedPanel"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    edit_label: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                label_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "label": {
                 *         "basis_g": 100,
                 *         "carbohydrate_g": 9,
                 *         "fat_g": 2.6,
                 *         "fibre_g": 0.4,
                 *         "kcal": 372,
                 *         "name": "Milk protein, vanilla",
                 *         "protein_g": 78,
                 *         "salt_g": 0.7,
                 *         "saturated_g": 1.4,
                 *         "style": "eu",
                 *         "sugars_g": 6.1
                 *       },
                 *       "package": {
                 *         "allergens": [
                 *           "milk"
                 *         ],
                 *         "pack_g": 700,
                 *         "price": 21.5
                 *       },
                 *       "version": 1
                 *     }
                 */
                "application/json": components["schemas"]["LabelEdit"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ShelfFood"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    moved: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                label_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "label": {
                 *         "basis_g": 100,
                 *         "carbohydrate_g": 9,
                 *         "fat_g": 2.6,
                 *         "fibre_g": 0.4,
                 *         "kcal": 372,
                 *         "name": "Milk protein, vanilla",
                 *         "protein_g": 78,
                 *         "salt_g": 0.7,
                 *         "saturated_g": 1.4,
                 *         "style": "eu",
                 *         "sugars_g": 6.1
                 *       }
                 *     }
                 */
                "application/json": components["schemas"]["Candidate"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["VersionEffect"][];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    put_label: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                label_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "on_shelf": true
                 *     }
                 */
                "application/json": components["schemas"]["OnShelf"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ShelfFood"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    label_versions: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                label_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Revision"][];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    photo: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                photo_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "image/jpeg": string;
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    put_photo: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                photo_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "on_card": true
                 *     }
                 */
                "application/json": components["schemas"]["PhotoEdit"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Photo"][];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    quick_entry: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "text": "2 heaped tbsp rolled oats"
                 *     }
                 */
                "application/json": components["schemas"]["QuickText"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["QuickAnswer"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    remember_choices: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "choices": [
                 *         {
                 *           "label_id": 1,
                 *           "text": "40 g sweetener"
                 *         }
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["FoodChoices"];
            };
        };
        responses: {
            /** @description Successful Response */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    forget_choice: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "text": "40 g sweetener"
                 *     }
                 */
                "application/json": components["schemas"]["QuickText"];
            };
        };
        responses: {
            /** @description Successful Response */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    quick_list: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "text": "140 g flour\n2 eggs\na pinch of salt"
                 *     }
                 */
                "application/json": components["schemas"]["QuickList"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReadRecipe"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    reckon_batch: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "components": [
                 *         {
                 *           "lines": [
                 *             {
                 *               "grams": 160,
                 *               "label": "oats"
                 *             },
                 *             {
                 *               "grams": 60,
                 *               "label": "protein"
                 *             }
                 *           ],
                 *           "name": "Batter"
                 *         }
                 *       ],
                 *       "format": "gasket-batch",
                 *       "labels": {
                 *         "oats": {
                 *           "basis_g": 40,
                 *           "carbohydrate_g": 27,
                 *           "fat_g": 3,
                 *           "fibre_g": 4,
                 *           "kcal": 150,
                 *           "name": "Rolled oats",
                 *           "protein_g": 5,
                 *           "style": "us"
                 *         },
                 *         "protein": {
                 *           "basis_g": 100,
                 *           "carbohydrate_g": 9,
                 *           "fat_g": 2.6,
                 *           "fibre_g": 0.4,
                 *           "kcal": 372,
                 *           "name": "Milk protein, vanilla",
                 *           "protein_g": 78,
                 *           "salt_g": 0.7,
                 *           "saturated_g": 1.4,
                 *           "style": "eu",
                 *           "sugars_g": 6.1
                 *         }
                 *       },
                 *       "name": "Baked oats",
                 *       "portions": {
                 *         "count": 4
                 *       },
                 *       "version": 1
                 *     }
                 */
                "application/json": components["schemas"]["Batch"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Result"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    reference_amounts: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReferenceAmount"][];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    scale: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ScaleState"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    simulate: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "act": "pour",
                 *       "amount": 120
                 *     }
                 */
                "application/json": components["schemas"]["SimulatorAct"];
            };
        };
        responses: {
            /** @description Successful Response */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    read_settings: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HouseSettings"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    write_settings: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "currency": "€",
                 *       "degrees": "C",
                 *       "energy": "labelled",
                 *       "label_style": "eu",
                 *       "safety": "uk",
                 *       "scales": [
                 *         {
                 *           "capacity_g": 5000,
                 *           "division_g": 1,
                 *           "name": "kitchen scale"
                 *         }
                 *       ],
                 *       "version": 1,
                 *       "vessels": [
                 *         {
                 *           "empty_g": 318,
                 *           "name": "steel bowl"
                 *         }
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["HouseSettings"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HouseSettings"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    export_shelf: {
        parameters: {
            query?: {
                own_only?: boolean;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    start_import: {
        parameters: {
            query?: {
                file?: string;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example food,style,basis_g,kcal,protein_g
                 *     Rolled oats,us,40,150,5
                 */
                "text/csv": string;
            };
        };
        responses: {
            /** @description Successful Response */
            202: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ImportState"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    import_state: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                key: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ImportState"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    forget_import: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                key: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    commit_import: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                key: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "leave_out_refused": true
                 *     }
                 */
                "application/json": components["schemas"]["Commit"];
            };
        };
        responses: {
            /** @description Successful Response */
            202: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ImportState"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    import_rows: {
        parameters: {
            query?: {
                fate?: ("new food" | "new label" | "new version" | "food changed" | "unchanged" | "refused") | null;
                limit?: number;
                offset?: number;
            };
            header?: never;
            path: {
                key: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ImportRows"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    stock_reference: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["StockedFoods"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    sources: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        [key: string]: components["schemas"]["Source"];
                    };
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    on_hand: {
        parameters: {
            query?: {
                limit?: number;
                offset?: number;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["StockPage"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    swaps: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Swap"][];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    add_swap: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "gives": [
                 *         {
                 *           "food_id": 2,
                 *           "per_100_g": 90
                 *         }
                 *       ],
                 *       "most": 0.5,
                 *       "name": "Quark for half the butter",
                 *       "takes_food_id": 1,
                 *       "watch": "It browns sooner."
                 *     }
                 */
                "application/json": components["schemas"]["NewSwap"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Swap"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    remove_swap: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                swap: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    list_tasters: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Taster"][];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    add_taster: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "name": "Cook’s friend"
                 *     }
                 */
                "application/json": components["schemas"]["NewTaster"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Taster"][];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    edit_taster: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                taster_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "name": "Second taster"
                 *     }
                 */
                "application/json": components["schemas"]["TasterEdit"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Taster"][];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    put_tasting: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                tasting_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "archived": true
                 *     }
                 */
                "application/json": components["schemas"]["ArchiveTasting"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TasteSheet"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    answer_fullness: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                tasting_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "after_h": 1,
                 *       "answer": "mark",
                 *       "id": "b8d4e6a1-93c5-47f0-a2be-60f51c7d8e94",
                 *       "mark": "6.5"
                 *     }
                 */
                "application/json": components["schemas"]["FullnessAnswer"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FullnessQuestion"][];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    running_timers: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Timers"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    set_timer: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "deed": "timer",
                 *       "id": "7c1d9a44-51b7-4c3b-9d37-5e8f60b2d9c3",
                 *       "minutes": 6,
                 *       "note": "Eggs"
                 *     }
                 */
                "application/json": components["schemas"]["CookDeed"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Timers"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    trial: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TrialSheet"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    allowance: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "build": {
                 *         "components": [
                 *           {
                 *             "lines": [
                 *               {
                 *                 "id": "flour",
                 *                 "label_id": 2,
                 *                 "target_g": 140
                 *               },
                 *               {
                 *                 "id": "protein",
                 *                 "label_id": 3,
                 *                 "least_g": 60,
                 *                 "most_g": 120,
                 *                 "target_g": 90
                 *               }
                 *             ],
                 *             "name": "Batter"
                 *           }
                 *         ],
                 *         "portions": 6,
                 *         "terms": {
                 *           "family": "cake",
                 *           "goal": {
                 *             "kcal": {
                 *               "most": 180
                 *             },
                 *             "protein_g": {
                 *               "least": 12
                 *             }
                 *           }
                 *         }
                 *       },
                 *       "kcal": 150
                 *     }
                 */
                "application/json": components["schemas"]["AllowanceWanted"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Allowance"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    begin: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                /**
                 * @example {
                 *       "free": false
                 *     }
                 */
                "application/json": components["schemas"]["BeginWeighIn"] | null;
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BatchSheet"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    save_build: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "build": {
                 *         "components": [
                 *           {
                 *             "lines": [
                 *               {
                 *                 "id": "flour",
                 *                 "label_id": 2,
                 *                 "target_g": 140
                 *               },
                 *               {
                 *                 "id": "protein",
                 *                 "label_id": 3,
                 *                 "least_g": 60,
                 *                 "most_g": 120,
                 *                 "target_g": 90
                 *               }
                 *             ],
                 *             "name": "Batter"
                 *           }
                 *         ],
                 *         "portions": 6,
                 *         "terms": {
                 *           "family": "cake",
                 *           "goal": {
                 *             "kcal": {
                 *               "most": 180
                 *             },
                 *             "protein_g": {
                 *               "least": 12
                 *             }
                 *           }
                 *         }
                 *       },
                 *       "version": 1
                 *     }
                 */
                "application/json": components["schemas"]["BuildEdit"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TrialSheet"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    difference: {
        parameters: {
            query: {
                to: number;
            };
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TrialDifference"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    from_original: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Build"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    edit_intent: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "intent": "Less sweet, the same crumb."
                 *     }
                 */
                "application/json": components["schemas"]["IntentEdit"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TrialSheet"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    next_from: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["NextTrials"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    take_proposal: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "key": "dry/more-fat/oil"
                 *     }
                 */
                "application/json": components["schemas"]["ProposalTaken"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TrialSheet"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    reject_proposal: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "key": "dry/more-fat/oil",
                 *       "title": "More oil"
                 *     }
                 */
                "application/json": components["schemas"]["ProposalRejected"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["NextTrials"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    allow_proposal: {
        parameters: {
            query: {
                key: string;
            };
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["NextTrials"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    pending_lines: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["UnmatchedLine"][];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    keep_line: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "text": "1 sachet of the green powder"
                 *     }
                 */
                "application/json": components["schemas"]["PendingText"];
            };
        };
        responses: {
            /** @description Successful Response */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["UnmatchedLine"][];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    drop_line: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
                /** @description The id of a thing in this kitchen. */
                pending_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["UnmatchedLine"][];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    trial_photos: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Photo"][];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    presets: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Preset"][];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    reach: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "build": {
                 *         "components": [
                 *           {
                 *             "lines": [
                 *               {
                 *                 "id": "flour",
                 *                 "label_id": 2,
                 *                 "target_g": 140
                 *               },
                 *               {
                 *                 "id": "protein",
                 *                 "label_id": 3,
                 *                 "least_g": 60,
                 *                 "most_g": 120,
                 *                 "target_g": 90
                 *               }
                 *             ],
                 *             "name": "Batter"
                 *           }
                 *         ],
                 *         "portions": 6,
                 *         "terms": {
                 *           "family": "cake",
                 *           "goal": {
                 *             "kcal": {
                 *               "most": 180
                 *             },
                 *             "protein_g": {
                 *               "least": 12
                 *             }
                 *           }
                 *         }
                 *       },
                 *       "swaps": true
                 *     }
                 */
                "application/json": components["schemas"]["GoalWanted"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["GoalReached"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    reckon_build: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "components": [
                 *         {
                 *           "lines": [
                 *             {
                 *               "id": "flour",
                 *               "label_id": 2,
                 *               "target_g": 140
                 *             },
                 *             {
                 *               "id": "protein",
                 *               "label_id": 3,
                 *               "least_g": 60,
                 *               "most_g": 120,
                 *               "target_g": 90
                 *             }
                 *           ],
                 *           "name": "Batter"
                 *         }
                 *       ],
                 *       "portions": 6,
                 *       "terms": {
                 *         "family": "cake",
                 *         "goal": {
                 *           "kcal": {
                 *             "most": 180
                 *           },
                 *           "protein_g": {
                 *             "least": 12
                 *           }
                 *         }
                 *       }
                 *     }
                 */
                "application/json": components["schemas"]["Build"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BuildReport"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    scale_build: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "build": {
                 *         "components": [
                 *           {
                 *             "lines": [
                 *               {
                 *                 "id": "flour",
                 *                 "label_id": 2,
                 *                 "target_g": 140
                 *               },
                 *               {
                 *                 "id": "protein",
                 *                 "label_id": 3,
                 *                 "least_g": 60,
                 *                 "most_g": 120,
                 *                 "target_g": 90
                 *               }
                 *             ],
                 *             "name": "Batter"
                 *           }
                 *         ],
                 *         "portions": 6,
                 *         "terms": {
                 *           "family": "cake",
                 *           "goal": {
                 *             "kcal": {
                 *               "most": 180
                 *             },
                 *             "protein_g": {
                 *               "least": 12
                 *             }
                 *           }
                 *         }
                 *       },
                 *       "scaling": {
                 *         "by": "portions",
                 *         "portions": 9
                 *       }
                 *     }
                 */
                "application/json": components["schemas"]["ScalingWanted"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ScalingAnswer"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    trial_steps: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["StepsSheet"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    save_steps: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "steps": [
                 *         {
                 *           "id": "stir",
                 *           "kind": "mix",
                 *           "least_min": 2,
                 *           "says": "Stir it smooth"
                 *         },
                 *         {
                 *           "cue": "golden, and springs back",
                 *           "id": "bake",
                 *           "kind": "bake",
                 *           "least_min": 35,
                 *           "most_min": 40,
                 *           "says": "Bake it in the tin",
                 *           "temperature_c": 170,
                 *           "tool": "oven"
                 *         }
                 *       ],
                 *       "version": 1
                 *     }
                 */
                "application/json": components["schemas"]["StepsEdit"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["StepsSheet"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    step_another_way: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "step": "bake",
                 *       "steps": [
                 *         {
                 *           "id": "stir",
                 *           "kind": "mix",
                 *           "least_min": 2,
                 *           "says": "Stir it smooth"
                 *         },
                 *         {
                 *           "cue": "golden, and springs back",
                 *           "id": "bake",
                 *           "kind": "bake",
                 *           "least_min": 35,
                 *           "most_min": 40,
                 *           "says": "Bake it in the tin",
                 *           "temperature_c": 170,
                 *           "tool": "oven"
                 *         }
                 *       ],
                 *       "way": "in the fan oven"
                 *     }
                 */
                "application/json": components["schemas"]["AnotherWay"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Step"][];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    read_step_text: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "key": "bake",
                 *       "text": "bake in the tin at 170 C for 35 to 40 min"
                 *     }
                 */
                "application/json": components["schemas"]["StepText"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Step"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    report_steps: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "eat_at": "2026-12-05T18:30:00Z",
                 *       "steps": [
                 *         {
                 *           "id": "stir",
                 *           "kind": "mix",
                 *           "least_min": 2,
                 *           "says": "Stir it smooth"
                 *         },
                 *         {
                 *           "cue": "golden, and springs back",
                 *           "id": "bake",
                 *           "kind": "bake",
                 *           "least_min": 35,
                 *           "most_min": 40,
                 *           "says": "Bake it in the tin",
                 *           "temperature_c": 170,
                 *           "tool": "oven"
                 *         }
                 *       ]
                 *     }
                 */
                "application/json": components["schemas"]["StepsWanted"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["StepsReport"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    step_template: {
        parameters: {
            query?: {
                family?: ("baked_cup" | "bite" | "blender_pancake" | "bowl" | "brownie" | "cake" | "coated" | "cookie" | "crepe" | "custard" | "dip" | "drink" | "egg" | "fries" | "frozen" | "fruit_bake" | "no_bake" | "pancake" | "pasta" | "patty" | "pizza" | "porridge" | "pot" | "roll" | "sandwich" | "set_base" | "soaked_bread" | "tray" | "waffle" | "wrap") | null;
            };
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Step"][];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    swaps_for_line: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "build": {
                 *         "components": [
                 *           {
                 *             "lines": [
                 *               {
                 *                 "id": "flour",
                 *                 "label_id": 2,
                 *                 "target_g": 140
                 *               },
                 *               {
                 *                 "id": "protein",
                 *                 "label_id": 3,
                 *                 "least_g": 60,
                 *                 "most_g": 120,
                 *                 "target_g": 90
                 *               }
                 *             ],
                 *             "name": "Batter"
                 *           }
                 *         ],
                 *         "portions": 6,
                 *         "terms": {
                 *           "family": "cake",
                 *           "goal": {
                 *             "kcal": {
                 *               "most": 180
                 *             },
                 *             "protein_g": {
                 *               "least": 12
                 *             }
                 *           }
                 *         }
                 *       },
                 *       "line_id": "flour"
                 *     }
                 */
                "application/json": components["schemas"]["SwapsWanted"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["LineSwaps"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    trial_tastings: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Tasting"][];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    read_verdict: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TrialVerdict"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    write_verdict: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "verdict": {
                 *         "change": "Five minutes less.",
                 *         "lesson": "Rest the batter first.",
                 *         "stamp": "change"
                 *       },
                 *       "version": 1
                 *     }
                 */
                "application/json": components["schemas"]["VerdictEdit"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TrialVerdict"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    put_trial: {
        parameters: {
            query?: never;
            header?: {
                /** @description Made by the sender: a request that is sent again with it is done once. */
                "Idempotency-Key"?: string | null;
            };
            path: {
                /** @description The id of a thing in this kitchen. */
                trial_id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                /**
                 * @example {
                 *       "where": "here"
                 *     }
                 */
                "application/json": components["schemas"]["Whereabouts"];
            };
        };
        responses: {
            /** @description Successful Response */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Whereabouts"];
                };
            };
            /** @description The body could not be read. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Not from this page. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No such thing. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Changed elsewhere, or not possible now. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too much at once. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Values that cannot be worked with. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing can be stored or read just now. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No room is left to store it. */
            507: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
}
