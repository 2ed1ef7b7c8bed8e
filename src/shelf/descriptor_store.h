// What faces look like, kept by content: each face is described once, wherever its file lies.
#pragma once

#include "core/match/face_descriptor.h"

#include <filesystem>
#include <memory>

namespace ink {

/// A cache: what is damaged or of another version is made again. Safe to use from several threads.
class DescriptorStore
{
public:
    /// In this folder, which is made with the first question. Where nothing can be kept there, faces are described all the same.
    explicit DescriptorStore(const std::filesystem::path& folder);
    ~DescriptorStore();
    DescriptorStore(const DescriptorStore&) = delete;
    DescriptorStore& operator=(const DescriptorStore&) = delete;

    /// The face's descriptor, kept or made now. A font that cannot be read is not tried again until its file changes.
    /// Errors: those of FontFace::open, FileNotFound, FileUnreadable.
    Result<std::shared_ptr<const FaceDescriptor>> of(const std::filesystem::path& font,
                                                     const FaceChoice& choice);

private:
    struct Inside;
    std::unique_ptr<Inside> m_inside;
};

} // namespace ink
