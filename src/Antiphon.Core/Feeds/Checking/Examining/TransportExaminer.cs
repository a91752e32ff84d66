using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Rules;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Checking.Examining;

/// <summary>Checks how a feed was served against what it is.</summary>
internal static class TransportExaminer
{
    /// <summary>
    /// Reports a media type that names another kind of document. A missing type says nothing, and application/json is
    /// allowed for JSON Feed.
    /// </summary>
    public static void Examine(Examination examination, FeedFormat format, DecodedFeed decoded, string? contentType)
    {
        var type = contentType?.Split(';')[0].Trim().ToLowerInvariant();
        if (!string.IsNullOrEmpty(type) && !Fits(format, type))
            examination.Report(Finding.Overall(DocumentRules.MediaType, type, FeedMediaTypes.Of(format)));
        if (decoded.IsMislabelled)
            examination.Report(
                Finding.Overall(DocumentRules.EncodingWrong, decoded.Served ?? decoded.Declared ?? "utf-8")
            );
        var differs =
            decoded.Served is not null
            && decoded.Declared is not null
            && !decoded.Served.Equals(decoded.Declared, StringComparison.OrdinalIgnoreCase);
        if (differs)
            examination.Report(Finding.Overall(DocumentRules.EncodingDisagrees, decoded.Served!, decoded.Declared!));
    }

    private static bool Fits(FeedFormat format, string type)
    {
        if (type == FeedMediaTypes.Of(format))
            return true;
        if (format == FeedFormat.Rdf && type == FeedMediaTypes.Of(FeedFormat.Rss))
            return true;
        return format == FeedFormat.JsonFeed && type == "application/json";
    }
}
