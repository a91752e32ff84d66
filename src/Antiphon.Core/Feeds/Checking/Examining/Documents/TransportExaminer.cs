using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Reading.Encodings;
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
        if (decoded.Served is { } served && EncodingNames.Find(served) is null)
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
        if (Declaration(decoded) is { } fault)
            examination.Report(Finding.At(fault.Rule, 1, 1, fault.Arguments));
        else if (
            decoded is { Served: { } served, Declared: { } declared }
            && EncodingNames.Find(served) is not null
            && !IsSame(served, declared)
        )
            examination.Report(Finding.Overall(DocumentRules.EncodingDisagrees, served, declared));
    }

    /// <summary>What is wrong with what a document says of its own encoding, or null.</summary>
    public static Fault? Declaration(DecodedFeed decoded)
    {
        if (decoded.IsWideWithoutMark)
            return new Fault(EncodingRules.MarkMissing, decoded.Encoding);
        if (decoded.Declared is not { } declared)
            return null;
        if (EncodingNames.Registered(declared) is { } registered)
            return new Fault(EncodingRules.NameInformal, declared, registered);
        var isWide = EncodingNames.IsWide(declared);
        if (EncodingNames.Find(declared) is null && !isWide)
            return new Fault(EncodingRules.NameUnknown, declared);
        if (isWide && !EncodingNames.IsWide(decoded.Encoding))
            return new Fault(EncodingRules.WideDiffers, declared);
        return decoded.Marked is { } marked && !IsSame(marked, declared)
            ? new Fault(EncodingRules.MarkDiffers, marked, declared)
            : null;
    }

    // UTF-16 names both orders of bytes, since the mark tells which it is.
    private static bool IsSame(string one, string other) =>
        one.Equals(other, StringComparison.OrdinalIgnoreCase)
        || (
            EncodingNames.IsWide(one)
            && EncodingNames.IsWide(other)
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
