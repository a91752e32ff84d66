using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Rules.Documents;

/// <summary>Rules about bytes, characters and what a document says of itself.</summary>
internal static class EncodingRules
{
    /// <summary>A name nobody knows.</summary>
    public static readonly CheckRule NameUnknown = new(
        "xml-encoding-unknown",
        Severity.Error,
        "There is no encoding “{0}”",
        "Write the feed in UTF-8 and say so: encoding=\"utf-8\".",
        "XML 1.0 §4.3.3"
    );

    /// <summary>A name of one program.</summary>
    public static readonly CheckRule NameInformal = new(
        "xml-encoding-name",
        Severity.Warning,
        "“{0}” is not the registered name of an encoding",
        "Write {1}.",
        "XML 1.0 §4.3.3"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A mark that says otherwise.</summary>
    public static readonly CheckRule MarkDiffers = new(
        "xml-byte-order-mark-differs",
        Severity.Error,
        "The byte order mark says {0}, the declaration {1}",
        "Declare what it is, or leave the mark out.",
        "XML 1.0 §4.3.3"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Wide characters without a mark.</summary>
    public static readonly CheckRule MarkMissing = new(
        "xml-byte-order-mark-missing",
        Severity.Error,
        "The document is in {0} without a byte order mark",
        "Write the feed in UTF-8, or begin it with the mark.",
        "XML 1.0 §4.3.3"
    );

    /// <summary>Said to be wide and is not.</summary>
    public static readonly CheckRule WideDiffers = new(
        "xml-encoding-not-wide",
        Severity.Error,
        "The document says {0} but is not",
        "Declare the encoding it is in, such as utf-8.",
        "XML 1.0 §4.3.3"
    );

    /// <summary>Bytes that are no characters.</summary>
    public static readonly CheckRule InvalidBytes = new(
        "xml-invalid-bytes",
        Severity.Error,
        "The bytes {0} are not valid {1}",
        "Write the character again; strict readers stop here.",
        "XML 1.0 §4.3.3; RFC 3629 §3"
    );

    /// <summary>Quotes and dashes of Windows.</summary>
    public static readonly CheckRule WindowsBytes = new(
        "xml-windows-characters",
        Severity.Warning,
        "The document says {0} but has characters of Windows-1252, such as {1}",
        "Write the feed in UTF-8 and say so.",
        "XML 1.0 §2.2; ISO 8859-1"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A character nobody shows.</summary>
    public static readonly CheckRule Discouraged = new(
        "xml-discouraged-character",
        Severity.Advice,
        "The character {0} is allowed, but nobody can show it",
        "Remove it.",
        "XML 1.0 §2.2, Note"
    );

    /// <summary>A sign for what was lost.</summary>
    public static readonly CheckRule Replaced = new(
        "text-replacement-character",
        Severity.Warning,
        "The text has � where a character was lost",
        "Write the character again; the program before lost it.",
        "Unicode 15 §23.8"
    )
    {
        ReadersCope = true,
    };

    /// <summary>UTF-8 taken for something else.</summary>
    public static readonly CheckRule Garbled = new(
        "text-garbled",
        Severity.Warning,
        "“{0}” seems to be text read in the wrong encoding, {1}",
        "Write the text again from where it comes from.",
        "RFC 3629 §3"
    );

    /// <summary>A mark in the middle.</summary>
    public static readonly CheckRule MarkInside = new(
        "xml-byte-order-mark-inside",
        Severity.Warning,
        "A byte order mark is within the text",
        "Remove it; often two files were put together.",
        "Unicode 15 §23.8"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Another XML.</summary>
    public static readonly CheckRule Version = new(
        "xml-version",
        Severity.Error,
        "The XML version is {0}",
        "Write 1.0; readers know no other.",
        "XML 1.0 §2.8"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Entities of the document.</summary>
    public static readonly CheckRule EntityDefined = new(
        "xml-entity-defined",
        Severity.Warning,
        "The document defines the entity {0}, which readers do not apply",
        "Write the text itself where the entity is.",
        "RFC 4287 §2; XML 1.0 §4.2"
    );

    /// <summary>Things from elsewhere.</summary>
    public static readonly CheckRule EntityExternal = new(
        "xml-entity-external",
        Severity.Warning,
        "The document asks for {0} from elsewhere",
        "Leave it out; no reader fetches it, and many refuse the feed.",
        "XML 1.0 §4.2.2; RFC 7303 §10"
    );

    /// <summary>Entities made of entities.</summary>
    public static readonly CheckRule EntityNested = new(
        "xml-entity-nested",
        Severity.Error,
        "The entity {0} is made of other entities",
        "Leave it out; readers refuse such feeds as an attack.",
        "XML 1.0 §4.4; RFC 7303 §10"
    );

    /// <summary>A mark before JSON.</summary>
    public static readonly CheckRule JsonMark = new(
        "json-byte-order-mark",
        Severity.Error,
        "The document begins with a byte order mark",
        "Leave it out.",
        "RFC 8259 §8.1"
    )
    {
        ReadersCope = true,
    };

    /// <summary>JSON in another encoding.</summary>
    public static readonly CheckRule JsonEncoding = new(
        "json-encoding",
        Severity.Error,
        "The document is in {0}",
        "Write it in UTF-8.",
        "RFC 8259 §8.1"
    );

    /// <summary>A charset nobody knows.</summary>
    public static readonly CheckRule CharsetUnknown = new(
        "http-charset-unknown",
        Severity.Warning,
        "The server says charset={0}, which nobody knows",
        "Say charset=utf-8, or nothing.",
        "RFC 9110 §8.3.2"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Every rule about encodings and characters.</summary>
    public static IReadOnlyList<CheckRule> All { get; } =
    [
        NameUnknown,
        NameInformal,
        MarkDiffers,
        MarkMissing,
        WideDiffers,
        InvalidBytes,
        WindowsBytes,
        Discouraged,
        Replaced,
        Garbled,
        MarkInside,
        Version,
        EntityDefined,
        EntityExternal,
        EntityNested,
        JsonMark,
        JsonEncoding,
        CharsetUnknown,
    ];
}
