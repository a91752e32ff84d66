namespace Antiphon.Server.Demo.Scenario;

/// <summary>The invented texts of the scenario.</summary>
internal static class DemoTexts
{
    /// <summary>Posts of The Night Log, newest first.</summary>
    public static readonly DemoPost[] Posts =
    [
        new(
            -3.6,
            "Open dome evening, first Friday of the month",
            'D',
            "Events",
            "stars",
            "Doors at seven. If it is clear we begin with the double cluster; if it is not, with the kettle."
        ),
        new(
            0.35,
            "Leonids: three hours, forty-one trails",
            'I',
            "Night Log",
            "meteors",
            "We lay on the wall side of the car park, facing north-east, and counted aloud so that nobody fell asleep."
        ),
        new(
            3.2,
            "The moon behind the ash tree",
            'I',
            "Night Log",
            "moon",
            "The ash has lost its leaves, and for eleven minutes the moon hung in the fork like something put there on purpose."
        ),
        new(
            9.1,
            "Saturn before the clouds came",
            'P',
            "Night Log",
            "saturn",
            "Twenty minutes of steady air, the rings almost edge-on, and a queue of nineteen people who did not push."
        ),
        new(
            12.4,
            "What the fog taught us",
            'D',
            "Night Log",
            "fog",
            "You cannot see the sky from inside a cloud, but you can hear how far away the road is."
        ),
        new(
            15.3,
            "Volunteers wanted for the spring",
            'I',
            "Events",
            "",
            "We need four people who like paint, two who like ladders, and one who likes telling the other six what to do."
        ),
        new(
            19.2,
            "The moon through a beer glass",
            'P',
            "Night Log",
            "moon",
            "A visitor held a pint up to the eyepiece for a joke. The picture is the best of the year, and we are a little ashamed."
        ),
        new(
            24.5,
            "How dark is our sky? Five years of numbers",
            'D',
            "Measurements",
            "stars",
            "A tenth of a magnitude darker than when we began, which is less than we hoped and more than we feared."
        ),
        new(
            31.0,
            "Frost on the finder",
            'P',
            "Night Log",
            "stars",
            "It grows from the rim inwards, like handwriting. A hair dryer is the least romantic instrument we own."
        ),
        new(
            38.4,
            "A school comes at noon to see the sun",
            'I',
            "Schools",
            "",
            "Thirty-one children, one filter, and a sunspot the shape of a boot."
        ),
        new(
            45.7,
            "Andromeda, by eye, from the gate",
            'D',
            "Night Log",
            "stars",
            "Look a little beside it. Everybody who manages says the same word, and we cannot print it."
        ),
        new(
            57.1,
            "Why we use red lamps",
            'P',
            "Questions",
            "",
            "Your eyes need twenty minutes to learn the dark and one second to forget it. Red light lets them keep what they learned."
        ),
        new(
            69.8,
            "Harvest moon, rising over the quarry",
            'I',
            "Night Log",
            "moon",
            "Orange, flattened, enormous, and exactly as large as on any other night. We measured it with a coin."
        ),
        new(
            84.2,
            "The drawing evening",
            'P',
            "Events",
            "",
            "Soft pencils, a clipboard and patience. Eleven people drew the same crater and made eleven craters."
        ),
        new(
            101.5,
            "Perseids under the blankets",
            'D',
            "Night Log",
            "meteors",
            "Two hundred and six, of which eleven left trails. One went behind the chimney, and is still being argued over."
        ),
        new(
            123.9,
            "Noctilucent clouds at last",
            'I',
            "Night Log",
            "fog",
            "Silver, rippled, silent, and gone by half past one."
        ),
        new(
            150.2,
            "The short nights",
            'P',
            "Questions",
            "trails",
            "In June it does not get dark here. We mend things, and we answer letters."
        ),
        new(
            182.6,
            "A dome that turns more quietly",
            'D',
            "Workshop",
            "gears",
            "New rollers, less grease, and a dog that has stopped barking at it."
        ),
        new(
            214.3,
            "Looking for the comet with forty people",
            'I',
            "Night Log",
            "stars",
            "Half of them saw it, a quarter said they did, and the last quarter were honest."
        ),
        new(
            247.0,
            "The spring triangle, and how to find it",
            'P',
            "Questions",
            "stars",
            "Follow the handle of the plough and keep going until something is orange."
        ),
        new(
            285.8,
            "Snow on the shutter",
            'D',
            "Workshop",
            "fog",
            "A broom on a pole, a helmet, and somebody below who says when."
        ),
        new(
            322.1,
            "Orion and the farm lamp",
            'I',
            "Measurements",
            "trails",
            "The farmer turned his lamp by a hand's breadth, and we got back the sword."
        ),
        new(
            365.4,
            "A year of Fridays",
            'P',
            "Events",
            "",
            "Fifty-two Fridays, of which nineteen were clear, and two were both clear and warm."
        ),
        new(
            430.7,
            "First light for the small refractor",
            'D',
            "Night Log",
            "brass",
            "Not yet restored, hardly clean, and already better than expected."
        ),
        new(
            512.9,
            "The night the power failed",
            'I',
            "Night Log",
            "trails",
            "The whole valley went out at once. We stood in the yard and nobody spoke for a while."
        ),
        new(
            655.3,
            "We begin a log",
            'I',
            "Night Log",
            "stars",
            "One page for every night, clear or not. The first one says: cloud."
        ),
    ];

    /// <summary>Further paragraphs, dealt out to the posts in turn.</summary>
    public static readonly string[] Paragraphs =
    [
        "The wind stayed in the west and the ground was dry, which on this moor is worth writing down.",
        "If you come by bus, the last one goes down at ten to eleven. If you come on foot, tell somebody which way you mean to go back.",
        "We keep the numbers in a book with a green cover. Anybody may read it; it stands on the shelf beside the tea.",
        "<strong>What to bring:</strong> gloves, something to sit on, and a question.",
        "Thank you to everybody who waited, and to those who let the children go first.",
        "The next clear night is never as far off as it looks from inside a cloud.",
    ];

    /// <summary>Names of readers who comment.</summary>
    public static readonly string[] Readers =
    [
        "Wilf Ormerod",
        "Hedda Voss",
        "Corin Abel",
        "Tom Ashdown",
        "Percy Lund",
        "Мира",
        "Agnes Quill",
        "Bram Tolliver",
        "Sunniva Dale",
        "Joan Farthing",
        "Ida Marsh",
        "Kasimir Wren",
        "Lotte Brandt",
        "Old Jem",
        "Nell Hartley",
        "Rufus Peel",
    ];

    /// <summary>Things readers say.</summary>
    public static readonly string[] Said =
    [
        "We counted nineteen from the car park before our feet gave up. Which way were you facing?",
        "Thank you for letting my daughter look twice. She has talked of nothing else.",
        "Could the Friday evening be moved if it rains, or is it simply tea then?",
        "Saw the same from the reservoir at about ten past nine, a little lower and much more orange.",
        "Is the path lit for somebody with a stick?",
        "I have lived under this sky for sixty years and never knew that.",
        "The picture is lovely. What was it taken with?",
        "Beautiful writing, as always. I read it to my mother over the telephone.",
        "You forgot to mention the owl.",
        "We had cloud down here in the village; good to know that it was worth driving up.",
        "Could you say which eyepiece? I get nothing but a grey smudge with mine.",
        "My father helped to build the wall you lean on. He would have liked this.",
        "Do dogs mind the dome?",
        "I tried this with binoculars and a broom handle, and it works.",
        "Please do another drawing evening. I will bring better pencils.",
        "The farm lamp is back to where it was, I am afraid. I shall have a word.",
        "Twenty past ten here, two quick ones and then nothing for half an hour.",
        "Where do I get the red film for a torch?",
        "Count me in for the ladders.",
        "What is the green book's oldest entry?",
    ];

    /// <summary>Things spammers say.</summary>
    public static readonly string[] Spam =
    [
        "Amazing post, very informative!! I got my telescope from http://best-optics-4u.example at 70 % off, everyone here should click before midnight.",
        "v1s1t my p4ge f0r cheap l0ans approved in minutes http://quick-money.example",
        "Nice article. I also write about this topic on http://casino-of-stars.example please check and tell me what you think",
        "Increase your ranking today!!! 1000 visitors for small price, write to us",
        "Hello dear, I am a lonely astronomer. See my photos: http://photos-of-me.example",
        "Great content keep it up. Cheap watches www.watches-night.example",
        "The picture is lovely. What was it taken with? Lenses like it are at www.lens-bargains.example",
        "I have lived under this sky for sixty years and never knew that. My son mends roofs all over the county, ring him.",
    ];

    /// <summary>A quarrel, in order; the letter says who speaks.</summary>
    public static readonly (string Author, string Text)[] Quarrel =
    [
        (
            "Rufus Peel",
            "Holding a beer up to a two-hundred-year-old instrument is exactly what is wrong with this place now."
        ),
        ("Joan Farthing", "Oh, Rufus. Nobody was hurt and the picture is wonderful."),
        ("Rufus Peel", "Wonderful? It is a joke at the expense of people who gave their evenings to that lens."),
        ("Tom Ashdown", "I gave some of those evenings and I laughed out loud."),
        ("Rufus Peel", "Then you were not the one who polished it."),
        ("Hedda Voss", "He was not, I was, and I laughed too."),
        (
            "Rufus Peel",
            "You people never answer the telephone and now you never answer a question either. Who allowed it?"
        ),
        ("Nell Hartley", "Could we talk about the moon?"),
    ];
}
