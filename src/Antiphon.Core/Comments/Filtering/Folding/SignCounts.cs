namespace Antiphon.Core.Comments.Filtering.Folding;

/// <summary>How many of which signs a text holds.</summary>
internal struct SignCounts
{
    private int _digitsInRow;

    /// <summary>Letters of every script.</summary>
    public int Letters { get; private set; }

    /// <summary>Capital letters among them.</summary>
    public int Capitals { get; private set; }

    /// <summary>Digits.</summary>
    public int Digits { get; private set; }

    /// <summary>Letters beyond the Latin ones.</summary>
    public int OtherLetters { get; private set; }

    /// <summary>Punctuation and signs written like it.</summary>
    public int Punctuation { get; private set; }

    /// <summary>Exclamation marks.</summary>
    public int Exclamations { get; private set; }

    /// <summary>Question marks.</summary>
    public int Questions { get; private set; }

    /// <summary>Line ends.</summary>
    public int Lines { get; private set; }

    /// <summary>Pictures among the letters: emoji and dingbats.</summary>
    public int Symbols { get; private set; }

    /// <summary>Signs of money and of hundredths.</summary>
    public int Money { get; private set; }

    /// <summary>
    /// Digits of the longest number; spaces, hyphens and brackets do not end one, as in telephone numbers.
    /// </summary>
    public int LongestNumber { get; private set; }

    /// <summary>Letters and digits together.</summary>
    public readonly int LettersAndDigits => Letters + Digits;

    /// <summary>Counts a text.</summary>
    public static SignCounts Of(string text)
    {
        var counts = new SignCounts();
        foreach (var c in text)
            counts.Add(c);
        return counts;
    }

    private void Add(char c)
    {
        if (char.IsDigit(c))
        {
            Digits++;
            LongestNumber = Math.Max(LongestNumber, ++_digitsInRow);
            return;
        }

        if (c is not (' ' or '-' or '(' or ')'))
            _digitsInRow = 0;
        if (char.IsLetter(c))
            AddLetter(c);
        else if (c == '\n')
            Lines++;
        else if (char.IsSurrogate(c) || c is >= '\u2600' and <= '\u27BF')
            Symbols++;
        else if (char.IsPunctuation(c) || char.IsSymbol(c))
            AddPunctuation(c);
    }

    private void AddLetter(char c)
    {
        Letters++;
        if (char.IsUpper(c))
            Capitals++;
        if (c > '\u024F')
            OtherLetters++;
    }

    private void AddPunctuation(char c)
    {
        Punctuation++;
        if (c == '!')
            Exclamations++;
        else if (c == '?')
            Questions++;
        else if (c is '$' or '€' or '£' or '%')
            Money++;
    }
}
