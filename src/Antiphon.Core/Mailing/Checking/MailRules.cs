using Antiphon.Core.Findings;

namespace Antiphon.Core.Mailing.Checking;

/// <summary>The rules of the check of a mail before it goes out.</summary>
public static class MailRules
{
    /// <summary>No way out.</summary>
    public static readonly CheckRule LeaveMissing = new(
        "mail-leave-missing",
        Severity.Error,
        "The {0} part has no unsubscribe link",
        "Every mail needs one; restore the closing lines."
    );

    /// <summary>Larger than mail programs show.</summary>
    public static readonly CheckRule TooLarge = new(
        "mail-too-large",
        Severity.Warning,
        "The text has {0} kB, pictures not counted",
        "Large mail services cut what is over 100 kB, with the link that ends the mails. Show fewer posts, or short texts."
    );

    /// <summary>A long subject.</summary>
    public static readonly CheckRule SubjectLong = new(
        "mail-subject-long",
        Severity.Advice,
        "The subject has {0} characters",
        "Phones show about 40 characters, most email programs 70. Put the important words first."
    );

    /// <summary>A shouting subject.</summary>
    public static readonly CheckRule SubjectShouts = new(
        "mail-subject-shouts",
        Severity.Warning,
        "Too many capitals or exclamation marks: {0}",
        "Write it like a sentence. Capitals and rows of exclamation marks count as signs of unasked mail."
    );

    /// <summary>Wording of unasked mail.</summary>
    public static readonly CheckRule SpamWords = new(
        "mail-spam-wording",
        Severity.Warning,
        "Typical spam wording: {0}",
        "Say it in other words where you can; one such phrase alone does little."
    );

    /// <summary>A picture without words.</summary>
    public static readonly CheckRule PictureWithoutWords = new(
        "mail-picture-without-words",
        Severity.Warning,
        "{0} without a description",
        "Many mail programs show no pictures at first; describe them in the post."
    );

    /// <summary>Almost no text.</summary>
    public static readonly CheckRule FewWords = new(
        "mail-few-words",
        Severity.Warning,
        "There are {0} words beside the pictures",
        "Mail that is mostly pictures is often taken for unasked mail, and says nothing where pictures are off. Add an opening or excerpts."
    );

    /// <summary>A link that is none.</summary>
    public static readonly CheckRule LinkLocal = new(
        "mail-link-local",
        Severity.Error,
        "Relative link: {0}",
        "Write the full address, starting with https://."
    );

    /// <summary>An unprotected link.</summary>
    public static readonly CheckRule LinkInsecure = new(
        "mail-link-insecure",
        Severity.Advice,
        "A link is not protected: {0}",
        "Use the address with https where there is one."
    );

    /// <summary>A link that looks like another.</summary>
    public static readonly CheckRule LinkDisguised = new(
        "mail-link-disguised",
        Severity.Error,
        "A link reads {0} and leads to {1}",
        "Mail programs warn of such links. Let the words say what is there, not another address."
    );

    /// <summary>What mail programs remove.</summary>
    public static readonly CheckRule NotInMail = new(
        "mail-not-in-mail",
        Severity.Warning,
        "Mail programs leave out: {0}",
        "Films, forms and embedded pages do not work in mail; the link to the post leads to them."
    );

    /// <summary>A link that fails.</summary>
    public static readonly CheckRule LinkBroken = new(
        "mail-link-broken",
        Severity.Error,
        "A link cannot be opened: {0}. {1}",
        "Correct it in the post."
    );
}
