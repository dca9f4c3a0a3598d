"""The words of recipes and packages that say what kind of food it is (common practice)."""

from typing import Final, Literal

from gasket.core.trade.kinds import FoodKind

KindOrMeat = FoodKind | Literal["a meat"]
"""A kind, or a meat of which `meats` tells the kind."""

SAYS: Final[dict[KindOrMeat, tuple[str, ...]]] = {
    "flour": ("flour", "cornmeal", "polenta", "semolina", "wheat germ", "bran", "masa harina"),
    "self_raising_flour": ("self raising flour", "self rising flour", "self raising wheat flour"),
    "mix": (
        *("brownie mix", "pancake mix", "waffle mix", "pancake and waffle mix", "cake mix"),
        *("baking mix", "muffin mix", "bread mix", "protein pancake mix", "cookie mix", "mix"),
    ),
    "fibre": (
        *("psyllium", "psyllium husk", "oat fibre", "oat fiber", "inulin", "chicory root fibre"),
        *("chicory root fiber", "soluble fibre", "soluble fiber", "resistant dextrin"),
    ),
    "oat_flour": ("oat flour", "ground oats", "oats flour"),
    "oats": ("oats", "oat", "oatmeal", "rolled oats"),
    "nut_flour": ("almond flour", "almond meal", "ground almond", "hazelnut flour", "peanut meal"),
    "coconut_flour": ("coconut flour",),
    "starch": ("starch", "cornflour", "corn flour", "cornstarch", "corn starch", "arrowroot"),
    "cocoa": ("cocoa", "cacao", "cocoa powder", "cacao powder", "cacao nib powder"),
    "whey_powder": ("whey", "whey isolate", "whey protein", "whey powder", "whey protein powder"),
    "protein_blend": (
        *("casein", "milk protein", "protein blend", "protein powder", "whey casein blend"),
        *("egg white protein powder", "egg white protein", "protein"),
    ),
    "plant_protein": (
        *("pea protein", "soy protein", "soya protein", "hemp protein", "plant protein"),
        *("rice protein", "wheat gluten", "vital wheat gluten", "vegan protein", "pea isolate"),
        *("vegan protein powder", "plant protein powder", "pea protein powder", "soy isolate"),
    ),
    "collagen": ("collagen", "collagen peptide", "beef protein isolate", "beef protein"),
    "milk_powder": ("milk powder", "powdered milk", "dried milk", "buttermilk powder"),
    "sugar": ("sugar", "condensed milk", "sweetened condensed milk"),
    "brown_sugar": (
        *("brown sugar", "muscovado", "demerara", "muscovado sugar", "demerara sugar"),
        *("light brown sugar", "dark brown sugar"),
    ),
    "powdered_sugar": ("powdered sugar", "icing sugar", "confectioner sugar", "sugar powdered"),
    "syrup": (
        *("syrup", "honey", "treacle", "molasses", "agave", "caramel sauce", "toffee sauce"),
        *("chocolate sauce", "agave nectar", "chocolate syrup", "date syrup", "golden syrup"),
    ),
    "jam": (
        *("jam", "marmalade", "fruit spread", "preserve", "jelly", "lemon curd", "curd"),
        *("apple butter", "pie filling", "fruit filling", "pumpkin pie filling", "compote"),
    ),
    "sprinkles": ("sprinkle", "nonpareil", "hundreds and thousands"),
    "confection": (
        *("marshmallow", "caramel", "caramel candy", "candy", "toffee", "gummy", "fudge"),
        *("candy cane", "nougat", "liquorice", "sweet"),
    ),
    "sweetener": (
        *("erythritol", "xylitol", "allulose", "sweetener", "maltitol", "sorbitol", "isomalt"),
        *("erythritol blend", "sweetener packet", "sugar replacement", "sugar substitute"),
        *("sucralose granulated", "granulated sucralose", "stevia blend", "granulated sweetener"),
        *("monk fruit blend", "sucralose granulated cup for cup", "sweetener blend"),
    ),
    "brown_sweetener": (
        *("brown sweetener", "brown monk fruit sweetener", "brown erythritol", "brown allulose"),
        *("brown sugar replacement", "brown sugar substitute", "brown erythritol blend"),
    ),
    "powdered_sweetener": (
        *("powdered sweetener", "icing sweetener", "powdered erythritol", "powdered allulose"),
        *("erythritol blend powdered", "powdered erythritol blend", "powdered monk fruit"),
        *("icing sweetener stevia", "powdered sugar replacement", "powdered sugar substitute"),
        *("stevia icing sweetener", "powdered sweetener blend"),
    ),
    "intense_sweetener": (
        *("stevia", "sucralose", "monk fruit", "aspartame", "saccharin", "sweetener drop"),
        *("liquid stevia", "sucralose drop", "stevia drop", "liquid sweetener", "monkfruit"),
    ),
    "butter": ("butter", "margarine", "ghee", "lard", "shortening", "dripping", "suet"),
    "spread": ("spread", "light butter", "light spread", "butter spread", "vegetable spread"),
    "oil": ("oil", "cocoa butter", "cooking oil", "olive oil"),
    "oil_spray": ("spray", "cooking spray", "butter spray", "oil spray"),
    "mayonnaise": ("mayonnaise", "mayo"),
    "nut_butter": (
        *("peanut butter", "almond butter", "cashew butter", "hazelnut butter", "nut butter"),
        *("almond paste", "cookie butter", "hazelnut spread", "chocolate hazelnut spread"),
        *("tahini", "sunflower seed butter", "nut paste", "biscuit spread", "nut spread"),
    ),
    "peanut_powder": (
        *("peanut powder", "peanut flour", "powdered peanut butter", "peanut butter powder"),
        *("powdered peanut",),
    ),
    "nuts": (
        *("nut", "almond", "walnut", "pecan", "hazelnut", "cashew", "pistachio", "peanut"),
        *("macadamia", "walnut piece", "desiccated coconut", "coconut flake", "coconut"),
        *("shredded coconut", "chestnut", "pine nut"),
    ),
    "seeds": (
        *("seed", "flaxseed", "flax", "linseed", "chia", "sesame", "pumpkin seed", "hemp heart"),
        *("ground flaxseed", "sunflower seed"),
    ),
    "chocolate": (
        *("chocolate", "chocolate chip", "chocolate chips", "cacao nib", "dark chocolate"),
        *("milk chocolate", "white chocolate", "peanut butter cup", "butterscotch chips"),
        *("chocolate chunk", "baking chips", "candy melt", "cinnamon chips", "peanut butter chips"),
    ),
    "protein_bar": ("protein bar", "granola bar", "cereal bar"),
    "egg": ("egg", "liquid egg", "egg substitute", "liquid egg substitute", "whole egg"),
    "egg_white": ("egg white", "egg white powder", "dried egg white powder"),
    "egg_yolk": ("egg yolk", "yolk"),
    "egg_replacer": ("egg replacer", "egg replacement", "flax egg", "aquafaba", "chia egg"),
    "cream_cheese": (
        *("cream cheese", "mascarpone", "soft cheese", "ricotta", "ricotta cheese", "neufchatel"),
        *("cheese spread",),
    ),
    "cottage_cheese": ("cottage cheese", "farmer cheese", "farmers cheese", "pot cheese"),
    "thick_yogurt": (
        *("yogurt", "yoghurt", "skyr", "quark", "labneh", "cheesecake yogurt"),
        *("fromage frais", "kefir"),
    ),
    "plant_yogurt": ("soy yogurt", "almond yogurt", "coconut yogurt", "almond milk yogurt"),
    "cheese": (
        *("cheese", "cheddar", "mozzarella", "parmesan", "feta", "gouda", "gruyere", "emmental"),
        *("halloumi", "pecorino", "provolone", "brie", "camembert", "cheese wedge", "cheese slice"),
        *("cheese stick", "string cheese", "monterey jack", "swiss cheese", "cheese crumble"),
    ),
    "plant_cheese": ("vegan cheese", "vegan cheddar", "vegan cream cheese", "nutritional cheese"),
    "cream": (
        *("cream", "half and half", "creme fraiche", "sour cream", "whipping cream"),
        *("heavy cream", "double cream", "single cream"),
    ),
    "creamer": ("creamer", "coffee creamer", "coffee whitener"),
    "whipped_topping": ("whipped topping", "whipped cream", "whipped cream aerosol", "topping"),
    "ice_cream": ("ice cream", "frozen yogurt", "sorbet", "gelato"),
    "milk": ("milk", "buttermilk", "evaporated milk", "skim milk", "skimmed milk"),
    "plant_milk": (
        *("oat milk", "almond milk", "soy milk", "soya milk", "rice milk", "coconut milk"),
        *("hemp milk", "cashew milk", "pea milk", "oat drink", "almond drink", "soy drink"),
        *("plant milk", "soya drink", "coconut cream", "rice drink", "macadamia milk"),
    ),
    "a meat": (
        *("chicken", "turkey", "duck", "goose", "poultry", "beef", "pork", "lamb", "veal"),
        *("bison", "venison", "ham", "bacon", "sausage", "mince", "meat", "steak", "chop"),
        *("brisket", "sirloin", "tenderloin", "rib", "pepperoni", "salami", "chorizo", "gammon"),
        *("prosciutto", "pastrami", "pancetta", "fish", "salmon", "trout", "cod", "haddock"),
        *("tuna", "mackerel", "sardine", "anchovy", "herring", "shrimp", "prawn", "scallop"),
        *("crab", "lobster", "mussel", "clam", "squid", "hake", "halibut", "tilapia", "bass"),
        *("patty", "burger", "meatball", "thigh", "drumstick", "breast", "wing", "loin", "fillet"),
        *("hot dog", "frankfurter", "bratwurst", "kielbasa", "liver", "tender", "nugget", "mutton"),
        *("ground beef", "rasher", "hamburger", "burger patty", "meatloaf", "oxtail", "rabbit"),
        *("surimi", "kipper", "pollock", "plaice", "sole", "pangasius", "catfish", "bratwurst"),
        *("strip", "cutlet", "roast", "shank", "carcass", "giblet", "lardon", "hen", "quail"),
    ),
    "deli_meat": (
        *("deli turkey", "deli chicken", "deli ham", "deli slice", "deli turkey slice"),
        *("lunch meat", "luncheon meat", "cold cut", "turkey slice", "ham slice", "deli meat"),
        *("chicken slice", "deli beef", "cooked ham", "sandwich meat"),
    ),
    "jerky": ("jerky", "biltong", "meat stick", "beef jerky", "meat snack"),
    "plant_meat": (
        *("vegan mince", "meat free chicken", "textured soy", "textured vegetable protein"),
        *("soy mince", "soya mince", "veggie burger", "vegan burger", "tvp", "soy chunk"),
    ),
    "tofu": ("tofu", "tempeh", "seitan"),
    "legumes": (
        *("chickpea", "bean", "lentil", "pea", "black bean", "kidney bean", "butter bean"),
        *("white bean", "split pea", "edamame", "cannellini bean", "baked bean"),
    ),
    "bread": (
        *("bread", "bun", "loaf", "toast", "roll", "sponge finger", "ladyfinger", "lady finger"),
        *("english muffin", "bagel", "brioche", "baguette", "croissant", "ciabatta", "muffin"),
        *("sandwich thin", "savoiardi", "crumpet", "burger bun", "croissant"),
    ),
    "wrap": (
        *("tortilla", "wrap", "flatbread", "pita", "naan", "egg roll wrapper", "wonton wrapper"),
        *("rice paper", "wrapper", "lavash", "pitta", "tortilla wrap", "taco shell", "filo"),
        *("phyllo", "spring roll wrapper", "phyllo dough", "filo pastry"),
    ),
    "pasta": (
        *("pasta", "macaroni", "spaghetti", "noodle", "lasagne", "lasagna", "lasagne sheet"),
        *("lasagna sheet", "penne", "fusilli", "linguine", "egg noodle", "fettuccine", "orzo"),
        *("couscous", "rigatoni", "tagliatelle", "gnocchi", "lasagna noodle", "ravioli"),
    ),
    "noodle": (
        *("konjac noodle", "shirataki", "shirataki noodle", "shirataki rice", "konjac rice"),
        *("konjac", "heart of palm pasta", "kelp noodle"),
    ),
    "rice": ("rice", "quinoa", "bulgur", "pearl barley", "basmati"),
    "potato": ("potato", "sweet potato", "yam", "potato flake", "instant mash", "mashed potato"),
    "crumbs": (
        *("crumb", "breadcrumb", "panko", "panko breadcrumb", "bread crumb", "cookie crumb"),
        *("cracker crumb", "graham cracker crumb", "biscuit crumb", "crushed crackers"),
    ),
    "cereal": (
        *("cereal", "puffed rice", "cornflake", "corn flake", "granola", "muesli", "bran flake"),
        *("rice cereal", "crisped rice", "rice crisps", "wheat biscuit", "protein cereal"),
    ),
    "wafer": (
        *("wafer", "rice cake", "ice cream cone", "cone", "cracker", "cheese cracker"),
        *("graham cracker", "corn cake", "crispbread", "matzo", "oatcake"),
    ),
    "cookie": (
        *("cookie", "biscuit", "digestive", "digestive biscuit", "shortbread", "gingersnap"),
        *("sandwich cookie", "brownie", "cake", "pancake", "waffle"),
    ),
    "snack": (
        *("tortilla chips", "pretzel", "pork rind", "popcorn", "chips", "crisps", "potato chips"),
        *("potato crisps", "nachos", "corn chips", "pork scratching", "trail mix"),
    ),
    "pie_crust": (
        *("pie crust", "cracker crust", "graham cracker crust", "puff pastry", "pastry", "crust"),
        *("shortcrust", "pizza base", "pizza crust", "tart shell", "pizza dough"),
    ),
    "fruit": (
        *("banana", "apple", "berry", "strawberry", "raspberry", "blueberry", "blackberry"),
        *("lemon", "lime", "orange", "avocado", "mango", "peach", "pear", "cherry", "pineapple"),
        *("grape", "kiwi", "melon", "plum", "apricot", "papaya", "fig", "pomegranate", "nectarine"),
        *("cranberry", "watermelon", "grapefruit", "mixed berry", "fruit", "rhubarb", "clementine"),
        *("freeze dried strawberry", "freeze dried raspberry", "freeze dried fruit", "currant"),
        *("passion fruit", "tangerine", "guava", "lychee", "cantaloupe", "plantain"),
    ),
    "dried_fruit": (
        *("date", "raisin", "sultana", "prune", "dried cranberry", "dried fruit", "dried apricot"),
        *("dried fig", "dried apple", "dried mango", "dried cherry", "dried blueberry"),
        *("dried banana", "banana chips", "candied peel", "mixed peel", "dried currant"),
    ),
    "puree": (
        *("puree", "applesauce", "apple sauce", "pumpkin", "baby food", "canned pumpkin"),
        *("pumpkin puree", "banana puree", "fruit puree", "banana baby food", "pumpkin canned"),
    ),
    "juice": ("juice", "orange juice", "apple juice", "coconut water", "nectar", "cider"),
    "vegetable": (
        *("carrot", "courgette", "zucchini", "cauliflower", "broccoli", "spinach", "onion"),
        *("garlic", "tomato", "mushroom", "lettuce", "cabbage", "cucumber", "celery", "leek"),
        *("kale", "vegetable", "butternut", "squash", "butternut squash", "eggplant", "aubergine"),
        *("green bean", "olive", "black olive", "sun dried tomato", "corn", "sweetcorn", "radish"),
        *("water chestnut", "sugar snap", "sugar snap pea", "snow pea", "bell pepper", "beet"),
        *("beetroot", "asparagus", "red pepper", "green pepper", "yellow pepper", "turnip"),
        *("cauliflower rice", "riced cauliflower", "zucchini noodle", "courgette noodle"),
        *("jalapeno", "shallot", "scallion", "spring onion", "swede", "parsnip", "brussels sprout"),
        *("rocket", "arugula", "salad", "artichoke", "pickle", "gherkin", "caper", "sauerkraut"),
        *("spaghetti squash", "bok choy", "sprout", "fennel", "okra", "green chilli", "coleslaw"),
    ),
    "baking_powder": ("baking powder",),
    "baking_soda": ("baking soda", "bicarbonate", "bicarbonate of soda", "bicarb"),
    "yeast": ("yeast", "instant yeast", "dried yeast", "active dry yeast"),
    "gum": ("gum", "xanthan", "guar", "xanthan gum", "guar gum", "locust bean gum"),
    "gelatine": (
        *("gelatin", "gelatine", "agar", "jelly crystal", "gelatin powder", "jelly powder"),
        *("agar agar", "gelatine leaf"),
    ),
    "pudding_mix": (
        *("pudding", "pudding mix", "pudding powder", "instant pudding", "custard powder"),
        *("instant pudding mix", "instant pudding mix vanilla", "dessert mix"),
    ),
    "salt": ("salt", "garlic salt", "sea salt", "celery salt", "onion salt"),
    "spice": (
        *("cinnamon", "ginger", "nutmeg", "pepper", "black pepper", "garlic powder", "paprika"),
        *("onion powder", "cumin", "spice", "cardamom", "clove", "chilli powder", "chili powder"),
        *("curry powder", "turmeric", "oregano", "thyme", "herb", "dill", "basil", "parsley"),
        *("garlic granule", "onion granule", "chilli flake", "chili flake", "red pepper flake"),
        *("pumpkin pie spice", "pie spice", "mixed spice", "allspice", "coriander", "rosemary"),
        *("sage", "bay leaf", "mint", "cilantro", "chive", "cayenne", "cayenne pepper", "curry"),
        *("white pepper", "mustard powder", "saffron", "star anise", "dried oregano", "tarragon"),
        *("dried basil", "dried onion", "dried parsley", "smoked paprika", "ground ginger"),
    ),
    "seasoning_blend": (
        *("seasoning", "taco seasoning", "chicken seasoning", "lemon pepper", "rub", "everything"),
        *("nutritional yeast", "italian seasoning", "cajun seasoning", "bagel seasoning"),
        *("ranch seasoning", "burger seasoning", "seasoning blend", "seasoning mix", "spice mix"),
        *("taco seasoning mix", "ranch seasoning mix", "soup mix", "onion soup mix"),
    ),
    "savoury_dust": (
        *("butter sprinkle", "cheddar powder", "cheese powder", "butter powder", "cheese dust"),
        *("popcorn topping", "sour cream powder"),
    ),
    "flavouring": (
        *("vanilla", "extract", "essence", "flavouring", "flavoring", "flavour", "flavor", "zest"),
        *("peel", "vanilla extract", "vanilla bean paste", "vanilla paste", "flavour drop"),
        *("flavor drop", "butter extract", "rum extract", "orange zest", "lemon zest"),
        *("vanilla bean",),
        *("food colouring", "food coloring", "liquid smoke", "rose water"),
    ),
    "coffee": (
        *("coffee", "espresso", "espresso powder", "coffee bean", "instant coffee", "matcha"),
        *("coffee powder", "tea"),
    ),
    "acid": (
        *("vinegar", "lemon juice", "lime juice", "citric acid", "cream of tartar"),
        *("rice vinegar", "cider vinegar", "apple cider vinegar", "balsamic vinegar"),
        *("wine vinegar",),
    ),
    "sauce": (
        *("sauce", "ketchup", "mustard", "tomato paste", "tomato puree", "tomato concentrate"),
        *("salsa", "relish", "passata", "pesto", "gravy", "chutney", "fish sauce", "soy sauce"),
        *("cheese sauce", "pasta sauce", "pizza sauce", "hot sauce", "curry paste", "miso"),
        *("sriracha",),
    ),
    "dressing": ("dressing", "ranch", "ranch dressing", "vinaigrette", "caesar"),
    "dip": ("dip", "guacamole", "hummus", "frosting", "icing", "tzatziki", "houmous", "glaze"),
    "stock": (
        *("stock", "broth", "bouillon", "stock cube", "bouillon cube", "consomme", "stock pot"),
    ),
    "alcohol": (
        *("rum", "brandy", "whisky", "whiskey", "liqueur", "wine", "marsala", "beer", "vodka"),
        *("bourbon", "sherry", "port", "gin", "red wine", "white wine"),
    ),
    "soft_drink": (
        *("lemonade", "soda", "cola", "drink powder", "cream soda", "root beer", "ginger ale"),
        *("tonic", "energy drink", "drink mix", "diet lemonade", "ginger beer", "squash drink"),
        *("iced tea", "soft drink"),
    ),
    "water": (
        *("water", "ice", "ice cube", "sparkling water", "seltzer", "soda water", "club soda"),
        *("mineral water", "crushed ice", "tap water"),
    ),
}
