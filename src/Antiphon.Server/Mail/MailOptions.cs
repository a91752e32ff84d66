using System.ComponentModel.DataAnnotations;

namespace Antiphon.Server.Mail;

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

    /// <summary>Seconds before an unanswering server is given up. Default 20.</summary>
    [Range(1, 300)]
    public int TimeoutSeconds { get; set; } = 20;
}
