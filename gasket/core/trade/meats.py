"""Which meat, fish or shellfish a food's name speaks of, and in which form (common practice).

In doubt the stricter reading holds: what may be minced is minced, what may be raw is raw. A
flavour, a sauce or a stock of that name is no meat, nor is a plant that is called after one.
"""

import re
from functools import lru_cache
from typing import Final, Literal, NamedTuple

Animal = Literal["poultry", "red", "game", "fish"]
Form = Literal["ground", "sausage", "bacon", "whole", "ready"]


class Meat(NamedTuple):
    """Whose meat, and in which form; `ready` is cured, canned or sliced to be eaten as it is."""

    animal: Animal
    form: Form


def _words(alternatives: str) -> re.Pattern[str]:
    return re.compile(rf"\b(?:{alternatives})\b")


_ANIMALS: Final[tuple[tuple[Animal, re.Pattern[str]], ...]] = (
    # The strictest first.
    (
        "poultry",
        _words(
            r"chickens?|turkeys?|duck(?:ling)?s?|goose|geese|quails?|pheasants?|partridges?|grouse"
            r"|pigeons?|squabs?|poussins?|capons?|guinea fowl|poultry|hens?|giblets|poulet"
        ),
    ),
    (
        "game",
        _words(
            r"rabbits?|hares?|venison|deer|elk|moose|boar|game|kangaroo|ostrich|livers?|oxtails?"
            r"|tripe|sweetbreads?|offal"
        ),
    ),
    (
        "red",
        _words(
            r"beef|pork|lamb|veal|mutton|goat|bison|brisket|sirloin|chuck|rump|rib ?eyes?"
            r"|tenderloins?|(?:spare|short|back) ?ribs?|gammon|silverside|topside|shanks?|pancetta"
            r"|lardons?|bacon|rashers?|hams?"
        ),
    ),
    (
        "fish",
        _words(
            r"fish|salmon|trout|cod|haddock|pollock|hake|halibut|tilapia|bass|bream|mackerel"
            r"|sardines?|anchov(?:y|ies)|herrings?|kippers?|tuna|swordfish|snapper|monkfish|plaice"
            r"|sole|flounder|catfish|perch|pike|carp|eels?|basa|pangasius|barramundi|mahi|grouper"
            r"|turbot|skate|whiting|coley|prawns?|shrimps?|scallops?|crabs?|crab ?meat|lobsters?"
            r"|langoustines?|crayfish|mussels?|clams?|oysters?|squid|calamari|octopus|cuttlefish"
            r"|seafood|shellfish|cockles?|whelks?|surimi"
        ),
    ),
)
_PARCELS: Final = (
    r"gyozas?|jiaozi|pot ?stickers?|dumplings?|wontons?|mandus?|momos?|pelmeni|manti"
    r"|kebabs?|kabobs?|koftes?|d[oö]ners?|donairs?|gyros"
)
"""Filled or pressed with mince, of a meat that the name need not say."""
_RED_UNLESS_SAID: Final = _words(
    r"meat|steaks?|chops?|mince|meat ?balls?|meat ?loaf|koft[ae]s?|keema|hamburgers?|burgers?"
    r"|sliders?|patty|patties|rissoles?|sausage ?meat|sausages?|bratwursts?|bangers|chipolatas?"
    r"|merguez|boerewors|salsiccia|andouille|chorizo|salami|pepperoni|prosciutto|pastrami"
    r"|mortadella|frankfurters?|hot ?dogs?|wieners?|kielbasa|jerky|biltong"
    rf"|{_PARCELS}"
)
_GROUND: Final = _words(
    r"minced?|ground|(?:ham)?burgers?|patty|patties|meat ?balls?|koft[ae]s?|keema|meat ?loaf"
    rf"|sliders?|sausage ?meat|rissoles?|{_PARCELS}"
)
_SAUSAGE: Final = _words(
    r"sausages?|bratwursts?|bangers|chipolatas?|merguez|boerewors|salsiccia|andouille|chorizo"
)
_BACON: Final = _words(r"bacon|rashers?|pancetta|lardons?|gammon")
_READY: Final = _words(
    r"salami|pepperoni|prosciutto|pastrami|mortadella|frankfurters?|hot ?dogs?|wieners?|kielbasa"
    r"|jerky|biltong|hams?|deli|luncheon|corned|cured|dried|canned|tinned|cans?|tins?|jars?"
    r"|in (?:\w+ )?(?:brine|oil|water|spring water)|smoked (?:salmon|trout|mackerel)|pickled|potted"
    r"|anchov(?:y|ies)|kippers?|surimi|crab ?sticks?|p[aâ]t[eé]|spread|bacon bits|chorizo"
)
_RAW: Final = _words(r"raw|uncooked|fresh|cooking|ham hocks?")
_ALWAYS_RAW: Final = _words(r"(?:dry[- ])?cured (?:back |streaky )?(?:bacon|gammon|pork)")

_OTHER_THINGS: Final = re.compile(
    # Called after a meat, and no meat.
    r"\bmince ?meat\b|\bmince pies?\b"
    rf"|\b(?:{_PARCELS}) (?:wrappers?|skins?|sheets?|bread|dough|mix|seasoning|spice|sauce)\b"
    r"|\b(?:suet|flour|drop|bread|potato|apple|plum|apricot|cottage cheese|quark|semolina) "
    r"dumplings?\b"
    r"|\b(?:burger|hamburger|slider|hot ?dog|steak) "
    r"(?:buns?|rolls?|baps?|cheese|relish|fries|onions?)\b"
    r"|\b(?:goat|sheep|buffalo)(?:['’]s)? (?:cheese|milk|yogh?urt|butter|curd)"
    r"|\b(?:duck|goose|quail|hen|turkey|chicken)(?:['’]?s)? eggs?\b"
    r"|\b[\w-]+[- ]flavou?r(?:ed|ing)?\b"
    r"|\blamb['’]?s lettuce\b|\bcrab apples?\b|\boyster mushrooms?\b"
    r"|\bbeef(?:steak)? tomato(?:es)?\b|\b(?:chicken|hen) of the woods\b"
    r"|\bprawn crackers?\b|\bgame chips\b"
    r"|\b\w+[- ](?:glazed|marinated|crusted|coated|braised|stuffed|rubbed)\b"
    r"|\d+ ?% (?:fat|lean)"
)
_NO_MEAT_HEADS: Final = _words(
    r"stocks?|broth|bouillon|consomm[eé]|gravy|seasonings?|rub|spices?|sauces?|dip|glaze|marinade"
    r"|powder|granules|cubes?|salt|oil|fat|dripping|lard|suet|tallow|collagen|gelatine?|isolate"
    r"|crisps|juice|paste|essence|extract"
)
_PLANT: Final = _words(
    r"vegan|vegetarian|veggie|meat[- ]?free|meatless|plant(?:[- ]based)?|quorn|mycoprotein|mock"
    r"|imitation|seitan"
)
_PLANT_BEFORE: Final = _words(
    r"soya?|tofu|tempeh|jackfruit|beans?|lentils?|chickpeas?|mushrooms?|cauliflower|vegetable"
    r"|halloumi|nut|beetroot|pea|falafel"
)
_GROUND_PLANTS: Final = _words(
    r"(?:ground|minced) (?:almonds?|coffee|cinnamon|ginger|garlic|onions?|cumin|coriander|nutmeg"
    r"|turmeric|allspice|cardamom|cloves?|pepper|oats?|flax(?:seed)?|linseeds?|rice|nuts?|hazelnuts?"
    r"|herbs?|mustard|fennel|chilli|paprika|(?:black|white) pepper|shallots?|parsley)"
)
_NEXT: Final = re.compile(r"[,;()/&+]|\b(?:with|and|in|on|of)\b")


@lru_cache(maxsize=32768)
def meat_in(name: str) -> Meat | None:
    """What the name speaks of; None when of no meat."""
    text = re.split(r"\bfor\b", name.lower(), maxsplit=1)[0]
    text = _OTHER_THINGS.sub(" ", text)
    if _PLANT.search(text):
        return None
    spoken = [part for part in _NEXT.split(text) if _is_meat(part)]
    if not spoken:
        return None
    said = (animal for animal, words in _ANIMALS if any(map(words.search, spoken)))
    return Meat(next(said, "red"), _form(_GROUND_PLANTS.sub(" ", text)))


def _is_meat(part: str) -> bool:
    """Whether a part of a name that says a meat means it: not its stock, not a plant's patty."""
    words = (*(words for _, words in _ANIMALS), _RED_UNLESS_SAID)
    starts = [match.start() for word in words for match in word.finditer(part)]
    if not starts or _NO_MEAT_HEADS.search(" ".join(part.split()[-2:])):
        return False
    return not _PLANT_BEFORE.search(part[: max(starts)])


def _form(text: str) -> Form:
    raw = _RAW.search(text) is not None
    bacon = _BACON.search(text) is not None and "bacon bits" not in text
    if _READY.search(text) and not raw and not (bacon or _ALWAYS_RAW.search(text)):
        return "ready"
    if _GROUND.search(text):
        return "ground"
    if _SAUSAGE.search(text):
        return "sausage"
    return "bacon" if bacon else "whole"
