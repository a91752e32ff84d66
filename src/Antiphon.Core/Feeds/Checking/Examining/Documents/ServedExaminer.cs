using System.Globalization;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Rules.Documents;
using Antiphon.Core.Findings;
using Antiphon.Core.Text;

namespace Antiphon.Core.Feeds.Checking.Examining.Documents;

/// <summary>Checks how a feed was served.</summary>
internal static class ServedExaminer
{
    private const int WorthCompressing = 4000;
    private const int ManySteps = 2;
    private static readonly TimeSpan Slow = TimeSpan.FromSeconds(5);

    /// <summary>Reports what costs readers or servers something.</summary>
    public static void Examine(Examination examination, ServedFacts served, int bytes, Feed? feed)
    {
        void Report(CheckRule rule, params string[] arguments) => examination.Report(Finding.Overall(rule, arguments));
        if (served.Steps.Count > 0 && served.Steps.All(step => step.IsPermanent))
            Report(ServedRules.Moved, served.Answered.AbsoluteUri);
        if (served.Steps.Count > ManySteps)
            Report(ServedRules.ManyRedirects, served.Steps.Count.ToString(CultureInfo.InvariantCulture));
        if (served.Asked.Scheme == Uri.UriSchemeHttps && served.Answered.Scheme == Uri.UriSchemeHttp)
            Report(ServedRules.LosesSecurity, served.Answered.AbsoluteUri);
        // A machine of one's own needs no certificate.
        if (served.Answered.Scheme == Uri.UriSchemeHttp && !served.Answered.IsLoopback)
            Report(ServedRules.Insecure);
        if (served.HasValidator == false)
            Report(ServedRules.NoValidator);
        if (served.HeedsValidator == false)
            Report(ServedRules.ValidatorIgnored);
        if (served.ForbidsKeeping == true)
            Report(ServedRules.NotToBeKept);
        if (served.IsCompressed == false && bytes > WorthCompressing)
            Report(ServedRules.NotCompressed, ByteCount.InWords(bytes));
        if (served.IsOpenToPages == false)
            Report(ServedRules.ClosedToPages);
        if (served.Took > Slow)
            Report(ServedRules.Slow, served.Took.Value.TotalSeconds.ToString("0", CultureInfo.InvariantCulture));
        if (served.IsNamedByPage == false)
            Report(ServedRules.NotNamedByPage, feed?.Link ?? string.Empty);
        if (served.Answered.Scheme == Uri.UriSchemeHttps && feed is not null && InsecureFile(feed) is { } file)
            Report(ServedRules.MixedContent, file);
    }

    private static string? InsecureFile(Feed feed) =>
        feed
            .Items.SelectMany(item =>
                item.Enclosures.Select(enclosure => enclosure.Url)
                    .Concat(item.Media.Select(media => media.Url))
                    .Append(item.Image)
            )
            .FirstOrDefault(address => address?.StartsWith("http://", StringComparison.OrdinalIgnoreCase) == true);
}
