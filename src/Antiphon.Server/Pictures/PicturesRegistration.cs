namespace Antiphon.Server.Pictures;

/// <summary>The library of pictures.</summary>
internal static class PicturesRegistration
{
    /// <summary>Registers the library.</summary>
    public static void AddPictures(this WebApplicationBuilder builder)
    {
        builder
            .Services.AddOptions<PictureOptions>()
            .BindConfiguration("Pictures")
            .ValidateDataAnnotations()
            .ValidateOnStart();
        builder.Services.AddSingleton<PictureReceiving>();
        builder.Services.AddSingleton<PictureFiles>();
        builder.Services.AddSingleton<PictureMaking>();
        builder.Services.AddScoped<PictureLibrary>();
    }
}
