using System.Text.RegularExpressions;

namespace Antiphon.Server.Pages;

/// <summary>
/// The style sheets of what readers see: files beside the markup they belong to, which are part of the program.
/// </summary>
internal static partial class StyleSheet
{
    /// <summary>A sheet as it is sent, without comments and the spaces that are for us.</summary>
    /// <param name="file">Its file below the project's folder, such as "Pages/page.css".</param>
    /// <exception cref="InvalidOperationException">There is no such file.</exception>
    public static string Read(string file)
    {
        using var stream = typeof(StyleSheet).Assembly.GetManifestResourceStream(file)
            ?? throw new InvalidOperationException($"{file} is no style sheet of the program.");
        using var reader = new StreamReader(stream);
        return Tight(reader.ReadToEnd());
    }

    /// <summary>The same sheet in fewer characters; what stands in quotes stays as it is.</summary>
    public static string Tight(string sheet) =>
        Spaces()
            .Replace(Comments().Replace(sheet, match => match.Groups["quoted"].Value), match => match.Groups["quoted"]
                    is { Success: true } quoted
                    ? quoted.Value
                : match.Groups["sign"] is { Success: true } sign ? sign.Value
                : match.Groups["end"].Success ? "}"
                : " ")
            .Trim();

    [GeneratedRegex("(?<quoted>\"[^\"]*\"|'[^']*')|/\\*.*?\\*/", RegexOptions.Singleline)]
    private static partial Regex Comments();

    // A space before a colon is part of a selector (".a :hover"), one after it never is.
    [GeneratedRegex("(?<quoted>\"[^\"]*\"|'[^']*')|(?<end>[\\s;]*\\})\\s*|\\s*(?<sign>[{;,>])\\s*|(?<sign>:)\\s+|\\s+")]
    private static partial Regex Spaces();
}
