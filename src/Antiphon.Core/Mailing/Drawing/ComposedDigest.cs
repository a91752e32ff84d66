using System.Net;

namespace Antiphon.Core.Mailing.Drawing;

/// <summary>A digest that is made up but for what differs from subscriber to subscriber.</summary>
/// <param name="Subject">Subject, one line.</param>
/// <param name="SecondSubject">Subject of the trial share; null for no trial.</param>
/// <param name="Html">HTML part; empty for text alone.</param>
/// <param name="Plain">Plain-text part.</param>
public sealed record ComposedDigest(string Subject, string? SecondSubject, string Html, string Plain)
{
    /// <summary>
    /// Stand for the subscriber's own addresses; nobody can have a page below .invalid (RFC 2606 §2).
    /// </summary>
    public const string LeaveMark = "https://mail.invalid/leave",
        ChooseMark = "https://mail.invalid/choose";

    /// <summary>The mail of one subscriber.</summary>
    /// <param name="leave">Where they end the mails.</param>
    /// <param name="choose">Where they choose what they get.</param>
    /// <param name="isSecond">Whether they get the second subject.</param>
    public MailText For(string leave, string choose, bool isSecond) =>
        new(
            isSecond ? SecondSubject ?? Subject : Subject,
            Html.Replace(LeaveMark, WebUtility.HtmlEncode(leave), StringComparison.Ordinal)
                .Replace(ChooseMark, WebUtility.HtmlEncode(choose), StringComparison.Ordinal),
            Plain
                .Replace(LeaveMark, leave, StringComparison.Ordinal)
                .Replace(ChooseMark, choose, StringComparison.Ordinal)
        );
}
