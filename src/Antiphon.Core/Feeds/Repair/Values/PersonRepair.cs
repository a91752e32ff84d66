using Antiphon.Core.Feeds.Forms;

namespace Antiphon.Core.Feeds.Repair.Values;

/// <summary>Puts persons right.</summary>
internal static class PersonRepair
{
    /// <summary>A person as RSS has it: the mail address, and the name in brackets behind it.</summary>
    public static string? Rss(string value) =>
        MailForm.Parts(value) is not { } person ? null
        : person.Name.Length == 0 ? person.Mail
        : $"{person.Mail} ({person.Name})";
}
