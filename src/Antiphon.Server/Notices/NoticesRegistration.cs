using Antiphon.Server.Work;

namespace Antiphon.Server.Notices;

/// <summary>Telling teams.</summary>
internal static class NoticesRegistration
{
    /// <summary>Registers the area.</summary>
    public static void AddNotices(this WebApplicationBuilder builder)
    {
        builder.Services.AddSingleton<NoticeBoard>();
        builder.Services.AddSingleton<INoticeBoard>(services => services.GetRequiredService<NoticeBoard>());
        builder.Services.AddWorker<NoticeMailWorker>();
    }
}
