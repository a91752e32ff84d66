using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Rules.Documents;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Checking.Examining.Documents;

/// <summary>Checks how a feed was served and what its bytes are against what it says.</summary>
internal static class TransportExaminer
{
    private static readonly string[] OtherXml = ["text/xml", "application/xml"];

    /// <summary>
    /// Reports a media type that names another kind of document, and names of encodings that are not what the bytes
    /// are. A missing type says nothing, and application/json is allowed for JSON Feed.
    /// </summary>
    public static void Examine(Examination examination, FeedFormat format, DecodedFeed decoded, string? contentType)
    {
        void Report(CheckRule rule, params string[] arguments) => examination.Report(Finding.Overall(rule, arguments));
        var type = contentType?.Split(';')[0].Trim().ToLowerInvariant();
        if (!string.IsNullOrEmpty(type) && !Fits(format, type))
            Report(
                OtherXml.Contains(type) && format != FeedFormat.JsonFeed
                    ? DocumentRules.MediaTypeBroad
                    : DocumentRules.MediaType,
                type,
                FeedMediaTypes.Of(format)
            );
        if (decoded.Served is { } served && !DecodedFeed.IsKnown(served))
            Report(EncodingRules.CharsetUnknown, served);
        if (format == FeedFormat.JsonFeed)
        {
            if (decoded.Marked == "utf-8")
                examination.Report(Finding.At(EncodingRules.JsonMark, 1, 1));
            if (decoded.Encoding != "utf-8" && !decoded.IsMislabelled)
                Report(EncodingRules.JsonEncoding, decoded.Encoding);
        }
        else
            ExamineDeclared(examination, decoded);

        if (decoded.IsMislabelled)
            Report(DocumentRules.EncodingWrong, decoded.Served ?? decoded.Declared ?? "utf-8");
        else if (decoded.Broken is { } broken)
        {
            var place = TextPlace.Of(decoded.Text, broken.At);
            examination.Report(
                Finding.At(EncodingRules.InvalidBytes, place.Line, place.Column, broken.Bytes, decoded.Encoding)
            );
        }
    }

    private static void ExamineDeclared(Examination examination, DecodedFeed decoded)
    {
        var declared = decoded.Declared;
        void Report(CheckRule rule, params string[] arguments) => examination.Report(Finding.At(rule, 1, 1, arguments));
        if (decoded.IsWideWithoutMark)
            Report(EncodingRules.MarkMissing, decoded.Encoding);
        if (declared is null)
            return;
        if (EncodingNames.Registered(declared) is { } registered)
            Report(EncodingRules.NameInformal, declared, registered);
        else if (!DecodedFeed.IsKnown(declared) && !DecodedFeed.IsWideName(declared))
            Report(EncodingRules.NameUnknown, declared);
        else if (
            DecodedFeed.IsWideName(declared)
            && !decoded.Encoding.StartsWith("utf-16", StringComparison.Ordinal)
            && !decoded.Encoding.StartsWith("utf-32", StringComparison.Ordinal)
        )
            Report(EncodingRules.WideDiffers, declared);
        else if (decoded.Marked is { } marked && !IsSame(marked, declared))
            Report(EncodingRules.MarkDiffers, marked, declared);
        else if (decoded.Served is not null && DecodedFeed.IsKnown(decoded.Served) && !IsSame(decoded.Served, declared))
            examination.Report(Finding.Overall(DocumentRules.EncodingDisagrees, decoded.Served, declared));
    }

    // UTF-16 names both orders of bytes, since the mark tells which it is.
    private static bool IsSame(string one, string other) =>
        one.Equals(other, StringComparison.OrdinalIgnoreCase)
        || (
            DecodedFeed.IsWideName(one)
            && DecodedFeed.IsWideName(other)
            && one[..6].Equals(other[..6], StringComparison.OrdinalIgnoreCase)
        );

    private static bool Fits(FeedFormat format, string type)
    {
        if (type == FeedMediaTypes.Of(format))
            return true;
        if (format == FeedFormat.Rdf && type is "application/rdf+xml" or "application/rss+xml")
            return true;
        return format == FeedFormat.JsonFeed && type == "application/json";
    }
}
