using System.Globalization;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Channels.Composing.Checking;

/// <summary>Looks over what a post is about to be on a channel.</summary>
public static class ChannelCheck
{
    private const double Tallest = 4.0 / 5;
    private const double Widest = 2;
    private const int Narrowest = 600;

    /// <summary>What was found, what matters most first; empty where nothing is to be mended.</summary>
    public static IReadOnlyList<Finding> Run(ChannelDraft draft)
    {
        var findings = new List<Finding>();
        void Report(CheckRule rule, string field, params object[] arguments) =>
            findings.Add(
                Finding.About(
                    field,
                    rule,
                    [.. arguments.Select(argument => Convert.ToString(argument, CultureInfo.InvariantCulture)!)]
                )
            );
        if (draft.Text is { } text)
            ExamineText(text, Report);
        foreach (var (address, problem) in draft.BrokenLinks)
            Report(ChannelRules.LinkFails, "text", address, problem);
        if (draft is { WantsPicture: true, Kind: ChannelKind.Social or ChannelKind.Partner })
            ExaminePicture(draft.Picture, Report);
        if (draft is { Kind: ChannelKind.Social, HasCardPicture: false })
            Report(ChannelRules.NoCardPicture, "details.socialPicture");
        if (draft is { Kind: ChannelKind.Pings, Places: 0 })
            Report(ChannelRules.NoPlaces, "bodyHtml");
        if (draft.IsPaused)
            Report(ChannelRules.Paused, "channel");
        return [.. findings.OrderBy(finding => finding.Rule.Severity)];
    }

    private static void ExamineText(ComposedText text, Action<CheckRule, string, object[]> report)
    {
        if (text.Left < 0)
            report(ChannelRules.TooLong, "text", [-text.Left]);
        if (text.Text.Length == 0)
            report(ChannelRules.Empty, "text", []);
        else if (!CountRule.Links(text.Text).Any())
            report(ChannelRules.NoLink, "text", []);
    }

    private static void ExaminePicture(ChannelPicture? picture, Action<CheckRule, string, object[]> report)
    {
        if (picture is null)
        {
            report(ChannelRules.NoPicture, "pictureAddress", []);
            return;
        }

        if (string.IsNullOrWhiteSpace(picture.Alt))
            report(ChannelRules.PictureWithoutWords, "pictureAlt", []);
        if (picture is not { Width: > 0 and var width, Height: > 0 and var height })
            return;
        if ((double)width / height is < Tallest or > Widest)
            report(ChannelRules.PictureShape, "pictureAddress", [width, height]);
        if (width < Narrowest)
            report(ChannelRules.PictureSmall, "pictureAddress", [width]);
    }
}
