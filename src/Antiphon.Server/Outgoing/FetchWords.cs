using Antiphon.Server.Platform.Language;

namespace Antiphon.Server.Outgoing;

/// <summary>Says what went wrong when fetching, in plain words.</summary>
internal static class FetchWords
{
    /// <summary>One sentence saying what happened and one saying what to do.</summary>
    public static string For(FetchProblem problem, string? detail) => TeamTexts.Say(InEnglish(problem, detail));

    private static string InEnglish(FetchProblem problem, string? detail) =>
        problem switch
        {
            FetchProblem.NotAnAddress => "Enter a web address such as https://www.site.example/blog.",
            FetchProblem.Unreachable =>
                "The site did not respond. Check the spelling, and that the site opens in a browser.",
            FetchProblem.TooSlow => $"The site did not answer in full within {detail} seconds. Try again later.",
            FetchProblem.NotAllowed =>
                "Private network addresses are not allowed. Enter an address the public can open.",
            FetchProblem.ErrorStatus => $"The site answers with error {detail}{Meaning(detail)}. Check the address.",
            FetchProblem.TooLarge =>
                $"The answer is larger than {detail}, so it was not read to its end. Enter the address of a shorter feed.",
            FetchProblem.TooComplex =>
                $"The page {detail}, more than any page made for readers, so it is not read. Whoever runs it has to simplify it.",
            FetchProblem.Insecure =>
                $"The site’s security certificate is invalid or expired ({detail}). Visitors see a warning until it is renewed or corrected.",
            FetchProblem.BadRedirect =>
                $"The site sends its visitors on to “{detail}”, which is not a web address. Whoever runs it has to correct that.",
            FetchProblem.LeavesOrigin =>
                $"The site sends what it is told on to {detail}, which is not trusted with secrets. If it has moved, enter its new address.",
            FetchProblem.Unusable =>
                $"What came could not be dealt with: {detail}. It is tried again; if it stays so, tell whoever runs this installation.",
            _ => "The address redirects again and again. Enter the address it should end at.",
        };

    private static string Meaning(string? status) =>
        status switch
        {
            "401" or "403" => " (not for the public)",
            "404" => " (no such page)",
            "410" => " (gone for good)",
            "429" => " (too many visits)",
            { Length: 3 } when status[0] == '5' => " (a fault of the site)",
            _ => string.Empty,
        };
}
