using Antiphon.Core.Html.Trees;

namespace Antiphon.Server.Platform.Limits;

/// <summary>
/// How much HTML from outside is taken in, section "Html"; what is not set stays as it is. See
/// <see cref="HtmlLimits"/>.
/// </summary>
internal sealed class HtmlOptions
{
    /// <summary>Of pages of other sites.</summary>
    public HtmlBounds Page { get; set; } = new();

    /// <summary>Of texts that are kept, such as posts and comments.</summary>
    public HtmlBounds Text { get; set; } = new();

    /// <summary>Has them hold for this process, where any are set.</summary>
    public static void Apply(IConfiguration configuration)
    {
        if (configuration.GetSection("Html").Get<HtmlOptions>() is { } options)
            HtmlLimits.Set(options.Page.Over(HtmlLimits.Page), options.Text.Over(HtmlLimits.Text));
    }
}
