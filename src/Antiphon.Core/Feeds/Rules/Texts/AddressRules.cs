using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Rules.Texts;

/// <summary>Rules about addresses, wherever a feed has one (RFC 3986, RFC 3987).</summary>
internal static class AddressRules
{
    /// <summary>The scheme is nearly http or https.</summary>
    public static readonly CheckRule SchemeMisspelt = new(
        "address-scheme-misspelt",
        Severity.Error,
        "The address “{0}” begins wrongly",
        "Write {1}.",
        "RFC 3986 §3.1"
    );

    /// <summary>No host, or one that cannot be.</summary>
    public static readonly CheckRule Host = new(
        "address-host",
        Severity.Error,
        "The address “{0}” has no valid host name",
        "Write the name of the site, such as https://quillmoor.example/page.",
        "RFC 3986 §3.2.2"
    );

    /// <summary>No port.</summary>
    public static readonly CheckRule Port = new(
        "address-port",
        Severity.Error,
        "“{1}” is not a valid port in the address “{0}”",
        "Write a number from 1 to 65535, or leave the port out.",
        "RFC 3986 §3.2.3"
    );

    /// <summary>A link to mail that names no mail address.</summary>
    public static readonly CheckRule Mail = new(
        "address-mail",
        Severity.Error,
        "“{0}” names no valid mail address",
        "Write mailto: and a mail address, such as mailto:ida@quillmoor.example.",
        "RFC 6068 §2"
    );

    /// <summary>A character no address has.</summary>
    public static readonly CheckRule Character = new(
        "address-character",
        Severity.Error,
        "The address “{0}” contains {1}, which no address may",
        "Write it as an escape, such as %7C for a vertical bar.",
        "RFC 3986 §2"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A percent sign without its two digits.</summary>
    public static readonly CheckRule Escape = new(
        "address-escape",
        Severity.Error,
        "“{1}” in the address “{0}” is not a valid escape",
        "Write % and two hexadecimal digits, or %25 for a percent sign.",
        "RFC 3986 §2.1"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Escaped twice.</summary>
    public static readonly CheckRule EscapedTwice = new(
        "address-escaped-twice",
        Severity.Warning,
        "The address “{0}” is escaped twice",
        "Escape & once, as &amp;, in XML, and not at all in JSON.",
        "RFC 3986 §2.2"
    );

    /// <summary>Nothing readers can open.</summary>
    public static readonly CheckRule Unsuited = new(
        "address-unsuited",
        Severity.Error,
        "The address “{0}” is none that readers can open",
        "Write an address that begins with https://.",
        "RSS 2.0, Comments; RFC 3986 §3.1"
    );

    /// <summary>A machine nobody else reaches.</summary>
    public static readonly CheckRule Local = new(
        "address-local",
        Severity.Advice,
        "The address “{0}” leads to the reader's own network",
        "Write the public address of the site.",
        "RFC 6761 §6.3; RFC 1918 §3"
    );

    /// <summary>A name and password.</summary>
    public static readonly CheckRule WithPassword = new(
        "address-with-password",
        Severity.Warning,
        "The address “{0}” contains a user name",
        "Leave the part before @ out; everybody who reads the feed sees it.",
        "RFC 3986 §3.2.1 and §7.5"
    );

    /// <summary>A name that is not of its kind.</summary>
    public static readonly CheckRule Name = new(
        "address-name",
        Severity.Error,
        "“{0}” is not a valid {1} name",
        "Write it like urn:uuid:1225c695-cfb8-4ebb-aaaa-80da344efa6a or tag:quillmoor.example,2026:first-light.",
        "RFC 8141 §2; RFC 4151 §2.1; RFC 9562 §4"
    )
    {
        ReadersCope = true,
    };

    /// <summary>White space around it.</summary>
    public static readonly CheckRule WhiteSpaceAround = new(
        "address-white-space",
        Severity.Error,
        "There is white space around the address “{0}”",
        "Put the address right between the tags.",
        "RFC 4287 §2 and §4.2.6; RFC 3987 §2.2"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A base that is none.</summary>
    public static readonly CheckRule BaseInvalid = new(
        "xml-base-invalid",
        Severity.Error,
        "xml:base=“{0}” is not a valid address",
        "Write the full address, such as https://quillmoor.example/.",
        "XML Base §3.1"
    );

    /// <summary>Every rule about addresses.</summary>
    public static IReadOnlyList<CheckRule> All { get; } =
    [
        SchemeMisspelt,
        Host,
        Port,
        Mail,
        Character,
        Escape,
        EscapedTwice,
        Unsuited,
        Local,
        WithPassword,
        Name,
        WhiteSpaceAround,
        BaseInvalid,
    ];
}
