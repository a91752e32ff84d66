using Antiphon.Core.Comments.Filtering;

namespace Antiphon.Core.Tests.Comments.Filtering;

/// <summary>
/// Makes decided comments from a seed: genuine ones of several tempers, and spam of the kinds that are told from them
/// with least and with most trouble.
/// </summary>
internal sealed class MadeComments(int seed)
{
    private readonly Random _random = new(seed);
    private readonly List<CommentTraits> _genuine = [];

    private static readonly string[] First =
    [
        "Wilf",
        "Hedda",
        "Joan",
        "Priya",
        "Tomas",
        "Aled",
        "Morag",
        "Sunniva",
        "Kofi",
        "Ines",
        "Bartek",
        "Lene",
        "Oisin",
        "Yara",
        "Gwen",
        "Ravi",
        "Dagny",
        "Milo",
        "Freya",
        "Abel",
        "Noor",
        "Edda",
    ];
    private static readonly string[] Last =
    [
        "Ormerod",
        "Voss",
        "Farthing",
        "Rao",
        "Lindqvist",
        "Pryce",
        "Baird",
        "Hale",
        "Mensah",
        "Duarte",
        "Nowak",
        "Holm",
        "Quill",
        "Haddad",
        "Tarn",
        "Iyer",
        "Solberg",
        "Achter",
        "Wray",
        "Finch",
        "Amari",
        "Berg",
    ];
    private static readonly string[] Things =
    [
        "the nebula",
        "Saturn's rings",
        "the crescent moon",
        "that double star",
        "the comet",
        "the Perseids",
        "Jupiter",
        "the cluster in Hercules",
        "the aurora",
        "Venus",
        "the lunar eclipse",
        "the zodiacal light",
        "a satellite train",
        "the Andromeda galaxy",
        "Mars",
        "the globular",
        "the shadow transit",
        "Vega",
        "the Pleiades",
        "the dark lane",
    ];
    private static readonly string[] Places =
    [
        "the quarry",
        "our garden",
        "the back field",
        "the car park by the moor",
        "the balcony",
        "the lay-by above the reservoir",
        "the beach at Scarholm",
        "the roof",
        "the old airfield",
        "the churchyard",
        "the dome",
        "my kitchen window",
        "the allotment",
        "the ferry",
    ];
    private static readonly string[] Means =
    [
        "a pair of old binoculars",
        "the club refractor",
        "an eight-inch mirror",
        "nothing but patience",
        "a borrowed eyepiece",
        "my grandfather's telescope",
        "a filter I had written off",
        "averted vision",
        "the naked eye",
        "a tracker that squeaks",
        "a forty millimetre eyepiece",
        "a camera from the nineties",
    ];
    private static readonly string[] Troubles =
    [
        "the wind shook everything",
        "cloud came in from the west",
        "the dew got to the finder",
        "a neighbour's light came on",
        "my fingers froze",
        "the battery died",
        "a fox ran off with the lens cap",
        "the seeing was two out of five",
        "the mount lost its place",
        "I had read the chart upside down",
    ];
    private static readonly string[] Feelings =
    [
        "worth every minute",
        "the best night of the year so far",
        "a bit of a let-down",
        "not what I expected",
        "quieter than usual",
        "so bright it cast shadows",
        "fainter than the chart says",
        "gone again by midnight",
        "there exactly when you said",
        "a surprise to all of us",
    ];
    private static readonly string[] Questions =
    [
        "Which eyepiece did you use?",
        "Is the second shower worth waiting for?",
        "Do you keep the dome open in wind?",
        "Could you say how long the exposure was?",
        "Is the path up there gritted in winter?",
        "May children come to the drawing evening?",
        "What do you do about dew?",
        "Was that before or after moonset?",
        "Why does the catalogue give another magnitude?",
        "How far from town do I have to go?",
    ];
    private static readonly string[] Kind =
    [
        "Lovely piece",
        "Thank you for writing this down",
        "A good read",
        "I enjoyed this",
        "Great post",
        "Beautifully told",
        "What a nice article",
        "Very helpful, thank you",
        "Really interesting",
        "Keep them coming",
        "I learned something",
        "This made my morning",
    ];
    private static readonly string[] Quibbles =
    [
        "I think the date is wrong, it was the Tuesday",
        "the caption names the wrong crater",
        "you forget that refraction lifts it by half a degree",
        "the link to the chart is dead",
        "I would not trust that forecast",
        "the price of the course is missing",
        "two of the pictures are the same",
        "it sets earlier on your side of the hill",
    ];
    private static readonly string[] Shops =
    [
        "cheap",
        "best",
        "online",
        "pills",
        "casino",
        "loan",
        "credit",
        "replica",
        "watches",
        "essay",
        "writing",
        "seo",
        "traffic",
        "slots",
        "bonus",
        "betting",
        "tablets",
        "tonic",
        "diet",
        "keto",
        "crypto",
        "invest",
        "forex",
        "plumber",
        "roofing",
        "escort",
        "vpn",
        "hosting",
        "followers",
        "likes",
        "handbags",
        "insurance",
        "mortgage",
        "repair",
        "locksmith",
    ];
    private static readonly string[] Endings =
    [
        "example",
        "shop.example",
        "biz.example",
        "info.example",
        "top.example",
    ];
    private static readonly string[] Pitches =
    [
        "Get {0} {1} today with the lowest price guaranteed",
        "We offer {0} {1} without prescription, fast shipping worldwide",
        "Play {0} {1} and win a big bonus on your first deposit",
        "Need {0} {1}? Apply now, no questions, approved in minutes",
        "Buy {0} {1} at a discount of 80%",
        "I earn 500 a day from home with {0} {1}, ask me how",
        "Rank your website on page one with our {0} {1} service",
        "Limited offer for {0} {1}, click the link before it expires",
        "Professional {0} {1} experts in your area, call now",
        "{0} {1} reviews, coupons and free trial",
        "My life changed after Mr Holgate helped me with {0} {1}, contact him on the number below",
        "Earn passive income with {0} {1} and retire early",
    ];
    private static readonly string[] Flattery =
    [
        "Great post! I will bookmark your blog and check again",
        "I really like your writing style, keep up the good work",
        "This is a very informative article, thanks for sharing",
        "Awesome blog, do you have a newsletter?",
        "I was looking for this information everywhere",
        "Excellent goods from you, you are simply too great",
        "Hello, nice article, please visit my web page too",
        "Your site came up in my search and it is magnificent",
    ];

    /// <summary>So many decided comments, a share of them spam.</summary>
    public List<FilterDecision> Make(int count, double spam = 0.5) =>
        [
            .. Enumerable
                .Range(0, count)
                .Select(_ =>
                    _random.NextDouble() < spam
                        ? new FilterDecision(Spam(), true)
                        : new FilterDecision(Genuine(), false)
                ),
        ];

    private string One(string[] from) => from[_random.Next(from.Length)];

    private bool Chance(double share) => _random.NextDouble() < share;

    private CommentTraits Genuine()
    {
        var (first, last) = (One(First), One(Last));
        var name =
            Chance(0.5) ? $"{first} {last}"
            : Chance(0.5) ? first
            : $"{first.ToLowerInvariant()}{_random.Next(100)}";
        var mail = Chance(0.3)
            ? string.Empty
            : $"{(Chance(0.7) ? $"{first}.{last}" : first + _random.Next(99)).ToLowerInvariant()}@{One(["post.example", "mail.example", "letter.example", $"{last.ToLowerInvariant()}.example"])}";
        var site = Chance(0.15)
            ? $"https://{One([$"{last.ToLowerInvariant()}.example", $"{first.ToLowerInvariant()}-writes.example", "night-notes.example"])}/"
            : string.Empty;
        var made = new CommentTraits(name, mail, site, Body());
        _genuine.Add(made);
        return made;
    }

    private string Body() =>
        _random.Next(9) switch
        {
            0 => $"We saw {One(Things)} from {One(Places)} with {One(Means)}. It was {One(Feelings)}.",
            1 => $"{One(Questions)} I tried {One(Things)} with {One(Means)} and {One(Troubles)}.",
            2 =>
                $"{One(Kind)}. {(Chance(0.5) ? $"{One(Things)} from {One(Places)} is still on my list." : string.Empty)}".Trim(),
            3 => $"{One(Kind)}!",
            4 => $"Sorry to be difficult, but {One(Quibbles)}. Otherwise {One(Feelings)}.",
            5 =>
                $"There is a chart of {One(Things)} at https://{One(["charts.example", "sky-atlas.example", "society.example"])}/{One(["chart", "notes", "finder"])}/{_random.Next(400)} which helped when {One(Troubles)}.",
            6 =>
                $"{One(Troubles)[..1].ToUpperInvariant()}{One(Troubles)[1..]}, so we went back to {One(Places)}. Then {One(Things)} came out for ten minutes, {One(Feelings)}. My daughter drew it with {One(Means)} beside her. {One(Questions)}",
            7 => One([
                "Same here.",
                "Me too, from " + One(Places) + ".",
                "Agreed.",
                "No luck, " + One(Troubles) + ".",
                "Nineteen!",
            ]),
            _ =>
                $"Last year I watched {One(Things)} from {One(Places)}. {One(Troubles)[..1].ToUpperInvariant()}{One(Troubles)[1..]}. This time it was {One(Feelings)}, and {One(Things)} stood right above it. {One(Kind)}.",
        };

    private string ShopAddress(bool isBare = false) =>
        $"{(isBare ? string.Empty : "http://")}{(Chance(0.3) ? "www." : string.Empty)}{One(Shops)}-{One(Shops)}{(Chance(0.4) ? _random.Next(99).ToString(System.Globalization.CultureInfo.InvariantCulture) : string.Empty)}.{One(Endings)}{(Chance(0.5) ? $"/{One(Shops)}" : string.Empty)}";

    private string Pitch() =>
        string.Format(System.Globalization.CultureInfo.InvariantCulture, One(Pitches), One(Shops), One(Shops));

    private CommentTraits Spam()
    {
        var (first, last) = (One(First), One(Last));
        var name =
            Chance(0.4) ? $"{first} {last}"
            : Chance(0.6) ? $"{One(Shops)} {One(Shops)}"
            : first + _random.Next(1000);
        var mail = Chance(0.2)
            ? string.Empty
            : $"{One([first.ToLowerInvariant(), One(Shops), "info"])}{(Chance(0.6) ? _random.Next(9999) : string.Empty)}@{One(["post.example", "mail.example", "inbox.example", "bulk.example"])}";
        var kind = _random.Next(8);
        var site =
            kind is 1 ? ShopAddress()
            : Chance(0.4) ? ShopAddress()
            : string.Empty;
        return kind switch
        {
            0 => new CommentTraits(name, mail, site, $"{Pitch()}. {ShopAddress()}"),
            1 => new CommentTraits(
                Chance(0.5) ? $"{first} {last}" : name,
                mail,
                site,
                Chance(0.6) ? One(Flattery) + "." : One(Kind) + One(["!", ".", ". " + One(Kind) + "."])
            ),
            2 when _genuine.Count > 0 => Copied(name, mail),
            3 => new CommentTraits(name, mail, site, Disguised(Pitch()) + " " + ShopAddress(isBare: true)),
            4 => new CommentTraits(
                name,
                mail,
                site,
                $"<a href=\"{ShopAddress()}\">{One(Shops)} {One(Shops)}</a> [url={ShopAddress()}]{One(Shops)}[/url] {One(Shops)}"
            ),
            5 => new CommentTraits(
                name,
                mail,
                site,
                string.Join(' ', Enumerable.Range(0, 6).Select(_ => Pitch() + "."))
            ),
            6 => new CommentTraits(
                name,
                mail,
                site,
                $"{Pitch()}. Phone +44 {_random.Next(1000, 9999)} {_random.Next(100000, 999999)} or write to {first.ToLowerInvariant()}{_random.Next(99)}@bulk.example"
            ),
            _ => new CommentTraits(name, mail, site, $"{One(Flattery)}. {Pitch()} {ShopAddress()}"),
        };
    }

    private CommentTraits Copied(string name, string mail)
    {
        var original = _genuine[_random.Next(_genuine.Count)];
        return Chance(0.5)
            ? new CommentTraits(name, mail, ShopAddress(), original.Body)
            : new CommentTraits(
                Chance(0.5) ? original.Author : name,
                mail,
                string.Empty,
                $"{original.Body} {ShopAddress()}"
            );
    }

    /// <summary>A text hidden by one of the usual tricks.</summary>
    public string Disguised(string text) =>
        _random.Next(5) switch
        {
            0 => text.Replace('a', 'а').Replace('o', 'о').Replace('e', 'е'),
            1 => string.Join(
                ' ',
                text.Split(' ')
                    .Select(word => word.Length > 4 && Chance(0.6) ? string.Join(' ', word.AsEnumerable()) : word)
            ),
            2 => string.Concat(text.Select(c => char.IsLetter(c) && Chance(0.5) ? $"{c}\u200B" : $"{c}")),
            3 => text.Replace('i', '1').Replace('a', '@').Replace('s', '$').Replace('o', '0'),
            _ => string.Concat(
                text.Select(c => c is >= 'a' and <= 'z' ? char.ConvertFromUtf32(0x1D41A + c - 'a') : $"{c}")
            ),
        };
}
