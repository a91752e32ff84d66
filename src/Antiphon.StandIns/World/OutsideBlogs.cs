namespace Antiphon.StandIns.World;

/// <summary>The blogs of the outside world.</summary>
public static class OutsideBlogs
{
    /// <summary>All of them.</summary>
    public static IReadOnlyList<OutsideBlog> All { get; } =
    [
        new("workshop-bench", "Workshop Bench", "Restoring an old refractor, one screw at a time", "feed.xml", "alternate",
        [
            Bench(14, "Polishing the crown element", 1.2, "brass", "Pitch, cerium and patience. After nine hours the scratches near the rim are gone; the ones in the middle will stay as a memory."),
            Bench(13, "A new eyepiece tray, at last", 6.4, "gears", "Cherry wood, six holes, and a lip so that nothing rolls off in the dark. The old one was a biscuit tin."),
            Bench(12, "Mount bearings: the noise is gone", 26, "gears", "The groan in right ascension was a single ball, flat on one side since before any of us were born."),
            Bench(11, "What the varnish hid", 41, "brass", "Under two coats of brown varnish there is a maker's mark and a pencil note: mended in the cold winter."),
            Bench(10, "The finder is straight again", 66, "brass", "Somebody once leaned a ladder on it. Heat, a mandrel and slow breathing brought it back."),
            Bench(9, "Winding the drive", 95, "gears", "A falling weight, a governor and eleven wheels. It keeps time to four seconds an hour, which is better than the church."),
            Bench(8, "Screws nobody makes", 140, "gears", "The thread is neither metric nor anything else. We cut a tap and made forty."),
            Bench(7, "Lacquer, first coat", 190, "brass", "Dust is the enemy. We lacquered at four in the morning with the stove out."),
            Bench(6, "Reading the circles", 240, "brass", "Engraved by hand to ten minutes of arc. Cleaned with chalk and a feather."),
            Bench(5, "Taking down the tube", 310, "brass", "Five people, two ropes, one dog. Nobody was hurt and the dog was proud."),
            Bench(4, "A list of what is missing", 390, "gears", "One dust cap, the lower clamp, a pair of counterweights, and the key to the case."),
            Bench(3, "The case", 450, "brass", "Oak, with a smell of camphor. The hinges are original and so is the mouse."),
            Bench(2, "What we know about the maker", 520, null, "Three lines in a ledger, an advertisement, and a gravestone with a telescope on it."),
            Bench(1, "Why we are doing this", 600, null, "Because it still shows Saturn, and because children look longer through brass."),
        ]),
        new("darksky", "Fellside Dark-Sky Group", "Measuring the night over the county", "atom.xml", "alternate",
        [
            new(5, "November readings: 21.4 at the reservoir", "<p>Seven volunteers, nineteen sites, one wet notebook. The reservoir is the darkest it has been since we began.</p>", "Corin Abel", "Readings", 3, null),
            new(4, "The parish turns its lamps down", "<p>From the first of the month the lane lamps dim at eleven. Thank you to everybody who wrote.</p>", "Corin Abel", "Lamps", 17, null),
            new(3, "How to read the meter", "<p>Point it up, wait for the second beep, write down the number <em>and</em> the moon.</p>", "Hedda Voss", "How to", 48, null),
            new(2, "Badgers at site twelve", "<p>Please do not leave the flask on the wall.</p>", "Hedda Voss", "Notes", 88, null),
            new(1, "We begin", "<p>A group of nine people and one meter.</p>", "Corin Abel", "Notes", 200, null),
        ]),
        new("walkers", "Fellside Walkers", "Paths, gates and weather", "news.xml", "anchor",
        [
            new(3, "March walks", "<p>Three walks, one of them short.</p>", "Tom Ashdown", "Walks", 30, null),
            new(2, "The gate at Cold Clough", "<p>The gate is mended. Thank you to everybody who carried timber up.</p>", "Tom Ashdown", "Gates", 36, null),
            new(1, "Boots", "<p>Somebody left a pair at the stile. They are dry now.</p>", "Tom Ashdown", "Lost", 52, null),
        ]),
        new("weather", "Moor Weather Diary", "What the sky did today", "feed.json", "not",
        [
            new(4, "Clear from nine", "<p>Cloud broke at dusk; the Milky Way by ten. Frost on the thermometer box.</p>", "Wilf Ormerod", "Clear", 0.6, null),
            new(3, "Fog to the wall", "<p>Could not see the gate from the door. Warm for the month.</p>", "Wilf Ormerod", "Fog", 1.6, null),
            new(2, "Wind, 41 knots", "<p>The dome stayed shut. Lost a slate.</p>", "Wilf Ormerod", "Wind", 2.6, null),
            new(1, "A fine drying day", "<p>Blankets out.</p>", "Wilf Ormerod", "Clear", 3.6, null),
        ]),
        new("village", "Fellside Village Hall", "What is on in the hall", null, "not", [new(1, "Jumble on Saturday", "<p>Bring what you do not want and leave with more.</p>", "Percy Lund", "Hall", 5, null)]),
    ];

    private static OutsidePost Bench(int number, string title, double daysAgo, string? picture, string text) => new(
        number, title, $"<p>{text}</p><p>We work on Tuesdays from seven. Bring an apron.</p>", number % 3 == 0 ? "Hedda Voss" : "Corin Abel", number % 2 == 0 ? "Optics" : "Mount", daysAgo, picture);
}
