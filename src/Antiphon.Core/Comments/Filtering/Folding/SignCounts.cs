namespace Antiphon.Core.Comments.Filtering.Folding;

/// <summary>How many of which signs a text holds.</summary>
internal readonly record struct SignCounts(
    int Letters,
    int Capitals,
    int Digits,
    int OtherLetters,
    int Punctuation,
    int Exclamations,
    int Questions,
    int Lines,
    int Symbols,
    int Money,
    int LongestNumber
)
{
    /// <summary>Letters and digits together.</summary>
    public int LettersAndDigits => Letters + Digits;

    /// <summary>Counts a text.</summary>
    public static SignCounts Of(string text)
    {
        var (
            letters,
            capitals,
            digits,
            others,
            punctuation,
            exclamations,
            questions,
            lines,
            symbols,
            money,
            longest,
            run
        ) = (0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0);
        foreach (var c in text)
        {
            if (char.IsDigit(c))
            {
                digits++;
                longest = Math.Max(longest, ++run);
                continue;
            }

            // A telephone number has spaces and hyphens between.
            if (c is not (' ' or '-' or '(' or ')'))
                run = 0;
            if (char.IsLetter(c))
            {
                letters++;
                if (char.IsUpper(c))
                    capitals++;
                if (c > '\u024F')
                    others++;
            }
            else if (c == '\n')
                lines++;
            else if (char.IsSurrogate(c) || c is >= '\u2600' and <= '\u27BF')
                symbols++;
            else if (char.IsPunctuation(c) || char.IsSymbol(c))
            {
                punctuation++;
                if (c == '!')
                    exclamations++;
                else if (c == '?')
                    questions++;
                else if (c is '$' or '€' or '£' or '%')
                    money++;
            }
        }

        return new SignCounts(
            letters,
            capitals,
            digits,
            others,
            punctuation,
            exclamations,
            questions,
            lines,
            symbols,
            money,
            longest
        );
    }
}
