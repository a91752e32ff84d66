using System.ComponentModel.DataAnnotations;

namespace Antiphon.Server.Outgoing.Mail;

/// <summary>The mail server we hand mails to, section "Mail".</summary>
internal sealed class MailOptions
{
    /// <summary>Host name. Default 127.0.0.1.</summary>
    [Required]
    public string Host { get; set; } = "127.0.0.1";

    /// <summary>Port. Default 25.</summary>
    [Range(1, 65535)]
    public int Port { get; set; } = 25;

    /// <summary>Sender address of every mail.</summary>
    [Required]
    public string From { get; set; } = "post@antiphon.example";

    /// <summary>User name, when the server asks for one.</summary>
    public string? User { get; set; }

    /// <summary>Password, when the server asks for one.</summary>
    public string? Password { get; set; }

    /// <summary>
    /// Address mails come back to that cannot be delivered; its mailbox must take what follows a plus sign, such as
    /// "returns+key@site.example". Null leaves it to the sender address.
    /// </summary>
    public string? ReturnsTo { get; set; }

    /// <summary>
    /// POP3 server (RFC 1939) with the mailbox of <see cref="ReturnsTo"/>; null when returns are posted to us or not
    /// read.
    /// </summary>
    public string? ReturnsHost { get; set; }

    /// <summary>Port of that server. Default 995, with TLS; any other begins without.</summary>
    [Range(1, 65535)]
    public int ReturnsPort { get; set; } = 995;

    /// <summary>User name there.</summary>
    public string ReturnsUser { get; set; } = string.Empty;

    /// <summary>Password there.</summary>
    public string ReturnsPassword { get; set; } = string.Empty;

    /// <summary>Seconds between looks into that mailbox. Default 60.</summary>
    [Range(1, 86400)]
    public int ReturnsEverySeconds { get; set; } = 60;

    /// <summary>Token that programs send with returns they post; null takes none.</summary>
    public string? ReturnsToken { get; set; }

    /// <summary>Seconds before an unanswering server is given up. Default 20.</summary>
    [Range(1, 300)]
    public int TimeoutSeconds { get; set; } = 20;
}
