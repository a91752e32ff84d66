using Markdig;

namespace Antiphon.Core.Html.Markdown;

/// <summary>Reads Markdown (CommonMark with tables, task lists and strikethrough).</summary>
public static class MarkdownReader
{
    private static readonly MarkdownPipeline Pipeline = new MarkdownPipelineBuilder()
        .UsePipeTables()
        .UseTaskLists()
        .UseEmphasisExtras()
        .UseAutoLinks()
        .Build();

    /// <summary>HTML of a text, not cleaned yet: Markdown may hold any HTML.</summary>
    public static string ToHtml(string markdown) => Markdig.Markdown.ToHtml(markdown, Pipeline).Trim();
}
